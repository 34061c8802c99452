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
      expect(sent.filter(({ path }) => path === '/api/sign-in')).toMatchObject([
        { body: { email: 'maren@saltmarsh.example', password: 'harbour rope 14' } },
      ]),
    );
  });

  it('offers the demo and one’s own gym where they are, and nothing else', async () => {
    const demo = { email: 'maren@saltmarsh.example', password: 'published' };
    const sent = answerWith({ 'GET /api/welcome': { demo, firstGym: true }, 'POST /api/sign-in': {} });
    renderPage(<SignInPage />);
    expect(await screen.findByRole('link', { name: /Set up your gym/ })).toHaveAttribute('href', '/set-up');
    await userEvent.click(screen.getByRole('button', { name: 'Look around the demo' }));
    await waitFor(() => expect(sent.find(({ path }) => path === '/api/sign-in')?.body).toEqual(demo));
  });

  it('offers neither where there is a gym and no demo', async () => {
    answerWith({ 'GET /api/welcome': { demo: null, firstGym: false } });
    renderPage(<SignInPage />);
    await screen.findByLabelText('E-mail');
    await new Promise((done) => setTimeout(done, 50));
    expect(screen.queryByText('New here?')).not.toBeInTheDocument();
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
