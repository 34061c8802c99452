import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { OutboxStore } from '../../lib/outboxStore';
import { SignInPage } from './SignInPage';

async function signIn() {
  await userEvent.type(screen.getByLabelText('E-mail'), 'maren@saltmarsh.example');
  await userEvent.type(screen.getByLabelText('Password'), 'harbour rope 14{Enter}');
}

describe('signing in', () => {
  it('sends what was typed', async () => {
    const sent = answerWith({ 'POST /api/sign-in': {} });
    renderPage(<SignInPage />);
    await signIn();
    await waitFor(() =>
      expect(sent[0]).toMatchObject({
        path: '/api/sign-in',
        body: { email: 'maren@saltmarsh.example', password: 'harbour rope 14' },
      }),
    );
  });

  it('says what still waits on this device', async () => {
    const store = await OutboxStore.of('somebody');
    const write = { rowId: 'r1', method: 'PUT', path: '/api/attempts/r1', said: 'Ilse 23, miss' } as const;
    await store.add(write);
    await store.add({ ...write, rowId: 'r2', arrived: 4 });
    renderPage(<SignInPage />);
    expect(await screen.findByRole('status')).toHaveTextContent(
      'One entry waits on this device, and is sent when whoever made it signs in again.',
    );
  });

  it('shows the one sentence of a refusal', async () => {
    answerWith({ 'POST /api/sign-in': new Refused(401, 'E-mail and password do not belong together.') });
    renderPage(<SignInPage />);
    await signIn();
    expect(await screen.findByRole('alert')).toHaveTextContent('E-mail and password do not belong together.');
  });
});
