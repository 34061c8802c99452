import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, ilse, maren, tomasz } from '../../testing/people';
import { today } from '../../testing/tonight';
import { answerWith, Refused, renderPage, type Answers } from '../../testing/render';
import { AthletePage } from './AthletePage';

const open = (id: string) => renderPage(<AthletePage />, '/athletes/:id', `/athletes/${id}`);
const path = (id: string) => `/api/athletes/${id}`;
const todayOf = (id: string) => ({ [`GET ${path(id)}/today`]: today });

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
    answerWith({ [`GET ${path(tomasz.id)}`]: tomasz, ...todayOf(tomasz.id), 'GET /api/me': maren });
    open(tomasz.id);
    expect(await screen.findByRole('note', { name: 'Cautions' })).toHaveTextContent(
      'Heart condition: ask a doctor first.',
    );
    expect(await screen.findByText('Mix')).toHaveAttribute('aria-current', 'step');
    expect(await screen.findByRole('heading', { level: 1, name: 'Tomasz: no jumps today' })).toBeVisible();
  });

  it('is changed with the version that was seen', async () => {
    const sent = answerWith({
      [`GET ${path(ilse.id)}`]: ilse,
      ...todayOf(ilse.id),
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
    answerWith({ [`GET ${path(ilse.id)}`]: ilse, ...todayOf(ilse.id), 'GET /api/me': helper });
    open(ilse.id);
    await userEvent.click(await screen.findByText('Details'));
    expect(screen.getByText(/Only coaches change/)).toBeVisible();
    expect(screen.queryByRole('button', { name: /Remove/ })).toBeNull();
  });

  it('shows today’s set with its strip, the cue and the gate', async () => {
    answerWith({ [`GET ${path(ilse.id)}`]: ilse, ...todayOf(ilse.id), 'GET /api/me': maren });
    open(ilse.id);
    expect(await screen.findByRole('img', { name: '2 doubles, 1 single' })).toBeVisible();
    expect(screen.getByRole('heading', { name: '“land ready”' })).toBeVisible();
    expect(screen.getByRole('group', { name: 'Gate' })).toHaveTextContent(
      'Based on 1 attempt in 1 session: about 4 more would tell.',
    );
    expect(screen.getByRole('img', { name: 'Unbroken goes: 0 of the last 1 reach 20' })).toBeVisible();
  });

  it('logs by touch, once, with quality', async () => {
    const sent = answerWith(
      new Proxy({ [`GET ${path(ilse.id)}`]: ilse, ...todayOf(ilse.id), 'GET /api/me': maren } as Answers, {
        get: (all, key: string) => (key.startsWith('PUT /api/attempts/') ? {} : all[key]),
      }),
    );
    open(ilse.id);
    await userEvent.click(await screen.findByRole('button', { name: '10 more' }));
    await userEvent.click(screen.getByRole('button', { name: '1 more' }));
    await userEvent.click(screen.getByText('Rough'));
    await userEvent.click(screen.getByRole('button', { name: 'Log 11, miss' }));
    await waitFor(() => expect(sent.filter((one) => one.method === 'PUT')).toHaveLength(1));
    expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({
      athleteId: ilse.id,
      drill: 'rungs',
      kind: 'streak',
      reps: 11,
      end: 'miss',
      clean: false,
    });
    expect(screen.getByRole('button', { name: 'Log 0, miss' })).toBeVisible();
  });
});
