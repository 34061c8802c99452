import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { ilse, maren, tomasz } from '../../../testing/people';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { cables } from '../../../testing/cables';
import { fit, ownRope, terms } from '../../../testing/ropes';
import { CheckPage } from './CheckPage';

const path = `/api/athletes/${ilse.id}/fit`;
const nothing = {
  ...fit,
  verdict: null,
  cableLengthM: null,
  reaches: null,
  effects: [],
};
const full: Answers = {
  [`GET /api/athletes/${ilse.id}`]: ilse,
  [`GET ${path}`]: nothing,
  [`GET ${path}?reaches=shoulder`]: fit,
  [`GET ${path}?stance=two-feet&reaches=shoulder`]: fit,
  [`GET ${path}?stance=two-feet`]: nothing,
  [`GET /api/athletes/${ilse.id}/cables`]: cables,
  [`GET /api/ropes/${ownRope.id}`]: ownRope,
  'GET /api/rope-terms': terms,
  'GET /api/me': maren,
};

function open(answers: Answers, athlete = ilse) {
  const sent = answerWith(answers);
  renderPage(<CheckPage />, '/ropes/:athleteId/check', `/ropes/${athlete.id}/check`);
  return sent;
}

describe('checking a rope', () => {
  it('asks where it reaches, and says what it is and what to do', async () => {
    open(full);
    await userEvent.click(await screen.findByRole('radio', { name: 'top of the shoulder' }));
    expect(
      await screen.findByRole('heading', { level: 1, name: 'This rope for Ilse: too long' }),
    ).toBeVisible();
    const verdict = screen.getByRole('group', { name: 'Verdict' });
    expect(verdict).toHaveTextContent('36 cm more than the goal of 244 cm');
    expect(verdict).toHaveTextContent('the rope lags');
    expect(verdict).toHaveTextContent('That is 280 cm of cable.');
  });

  it('keeps what was just checked with one touch', async () => {
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) => (/^PUT \/api\/ropes/.test(key) ? ownRope : all[key]),
      }),
    );
    await userEvent.click(await screen.findByRole('radio', { name: 'both feet' }));
    await userEvent.click(screen.getByRole('radio', { name: 'top of the shoulder' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Keep this rope for Ilse' }));
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toMatchObject({
        athleteId: ilse.id,
        school: 'armpit',
        stance: 'two-feet',
        cable: '280.00 cm',
        handle: '15.00 cm',
        family: 'medium-cord',
        overrideReason: 'brought along and checked',
      }),
    );
  });

  it('is measured in the stance that the gym always takes', async () => {
    const sent = open({ ...full, 'GET /api/me': { ...maren, gym: { ...maren.gym, stance: 'two-feet' } } });
    expect(await screen.findByRole('radio', { name: 'both feet' })).toBeChecked();
    expect(sent.some((one) => one.path === `${path}?stance=two-feet`)).toBe(true);
  });

  it('takes a measured cable instead, and tells what it could not read', async () => {
    const sent = open({ ...full, [`GET ${path}?cable=9`]: new Refused(422, 'Cable 9 cm: too short.') });
    await userEvent.type(await screen.findByLabelText('Cable'), '9{Enter}');
    expect(await screen.findByText('Cable 9 cm: too short.')).toBeVisible();
    expect(sent.some((one) => one.path === `${path}?cable=9`)).toBe(true);
  });

  it('looks the own rope over', async () => {
    const sent = open(full);
    const card = await screen.findByRole('group', { name: 'Inspection' });
    await userEvent.click(await within(card).findByRole('checkbox', { name: /no kink stays/ }));
    await userEvent.click(within(card).getByRole('button', { name: 'It failed: 1 not in order' }));
    await waitFor(() =>
      expect(sent.find((one) => one.path === `/api/ropes/${ownRope.id}/inspection`)?.body).toEqual({
        failed: ['no-kinks'],
      }),
    );
  });

  it('shows the list alone to who has no rope', async () => {
    open({ ...full, [`GET /api/athletes/${tomasz.id}`]: tomasz }, tomasz);
    const card = await screen.findByRole('group', { name: 'Inspection' });
    expect(card).toHaveTextContent('Before anybody jumps with it');
    expect(within(card).queryByRole('button')).toBeNull();
  });
});
