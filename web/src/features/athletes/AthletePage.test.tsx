import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, ilse, maren, tomasz } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { AthletePage } from './AthletePage';

const open = (id: string) => renderPage(<AthletePage />, '/athletes/:id', `/athletes/${id}`);
const path = (id: string) => `/api/athletes/${id}`;

describe('an athlete', () => {
  it('is waited for', () => {
    answerWith({});
    open(ilse.id);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the athlete');
  });

  it('that is unknown is told', async () => {
    answerWith({ [`GET ${path('x')}`]: new Refused(404, 'There is no athlete x in this gym.') });
    open('x');
    expect(await screen.findByRole('alert')).toHaveTextContent('There is no athlete x in this gym.');
  });

  it('shows the cautions and the place on the path', async () => {
    answerWith({ [`GET ${path(tomasz.id)}`]: tomasz, 'GET /api/me': maren });
    open(tomasz.id);
    expect(await screen.findByRole('note', { name: 'Cautions' })).toHaveTextContent(
      'Heart condition: ask a doctor first.',
    );
    expect(screen.getByText('Mix')).toHaveAttribute('aria-current', 'step');
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Tomasz Wierzba has no rope yet');
  });

  it('is changed with the version that was seen', async () => {
    const sent = answerWith({
      [`GET ${path(ilse.id)}`]: ilse,
      'GET /api/me': maren,
      [`PATCH ${path(ilse.id)}`]: new Refused(409, 'Somebody changed this meanwhile.'),
    });
    open(ilse.id);
    const height = await screen.findByLabelText('Height');
    await userEvent.clear(height);
    await userEvent.type(height, '1.70 m');
    await userEvent.click(screen.getByRole('button', { name: 'Save the changes' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('Somebody changed this meanwhile.');
    const patch = sent.find((one) => one.method === 'PATCH');
    expect(patch?.headers).toMatchObject({ 'If-Match': '"3"' });
    expect(patch?.headers['Mutation-Id']).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7/);
    expect(patch?.body).toMatchObject({ name: 'Ilse Tannow', height: '1.70 m', birthYear: 1992 });
  });

  it('that was removed can be brought back', async () => {
    const sent = answerWith({
      [`GET ${path(ilse.id)}`]: { ...ilse, removed: true },
      'GET /api/me': maren,
      [`POST ${path(ilse.id)}/restore`]: ilse,
    });
    open(ilse.id);
    await userEvent.click(await screen.findByRole('button', { name: 'Bring Ilse Tannow back' }));
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('/restore'))).toBe(true));
  });

  it('is only shown to helpers', async () => {
    answerWith({ [`GET ${path(ilse.id)}`]: ilse, 'GET /api/me': helper });
    open(ilse.id);
    expect(await screen.findByText(/Only coaches change/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /Remove/ })).toBeNull();
  });
});
