import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { helper, ilse, maren } from '../../../testing/people';
import { answerWith, Refused, renderPage, type Answers } from '../../../testing/render';
import { ownRope, trim } from '../../../testing/ropes';
import { TrimPage } from './TrimPage';

const path = `GET /api/athletes/${ilse.id}/trim`;
const full: Answers = { [`GET /api/athletes/${ilse.id}`]: ilse, [path]: trim, 'GET /api/me': maren };

function open(answers: Answers) {
  const sent = answerWith(answers);
  renderPage(<TrimPage />, '/ropes/:athleteId/trim', `/ropes/${ilse.id}/trim`);
  return sent;
}

describe('the trim path', () => {
  it('says what it waits for, and tells a failure', async () => {
    open({ ...full, [path]: new Refused(500, 'Our fault.') });
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the athlete');
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('needs a rope first', async () => {
    open({ ...full, [path]: { ...trim, rope: null, steps: [], history: [] } });
    expect(await screen.findByRole('link', { name: 'size one' })).toBeVisible();
  });

  it('shows the steps with their gates, whether the last one helped, and the lengths so far', async () => {
    open(full);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Ilse’s rope is on its way down, 2 steps to go' }),
    ).toBeVisible();
    expect(screen.getByRole('region', { name: 'Trim path' })).toHaveTextContent(
      '240 cmWhen three sets hold at 244 cm. The lowest point rises by about 2 cm.',
    );
    expect(screen.getByRole('group', { name: 'The last trim' })).toHaveTextContent('Cannot tell yet');
    expect(
      screen.getByRole('img', {
        name: 'Cable 248 cm since 2026-09-01, 244 cm since 2026-11-01; goal 231 cm',
      }),
    ).toBeVisible();
    expect(screen.getByRole('row', { name: '2026-11-01 244 cm 3 – trimmed from 248 cm' })).toBeVisible();
    expect(screen.getByRole('button', { name: 'Mark the tails as cut' })).toBeDisabled();
  });

  it('takes a step only when the hands stay narrow, and takes it back', async () => {
    const kept = { ...ownRope, id: 'r2', cableLengthM: 2.4, version: 1 };
    const sent = open(
      new Proxy(full, {
        get: (all, key: string) => (/^(PUT \/api\/trims|DELETE \/api\/ropes)/.test(key) ? kept : all[key]),
      }),
    );
    const step = await screen.findByRole('button', { name: 'Trim 2 cm per side' });
    expect(step).toBeDisabled();
    await userEvent.click(screen.getByRole('checkbox', { name: 'The hands stay narrow' }));
    await userEvent.click(step);
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toEqual({
        ropeId: ownRope.id,
        cable: '240.00 cm',
      }),
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sent.some((one) => one.path === '/api/ropes/r2')).toBe(true));
  });

  it('takes no second step in one session', async () => {
    open({ ...full, [path]: { ...trim, notToday: { code: 'x', sentence: 'This length is from today.' } } });
    await userEvent.click(await screen.findByRole('checkbox', { name: 'The hands stay narrow' }));
    expect(screen.getByText('This length is from today.')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Trim 2 cm per side' })).toBeDisabled();
  });

  it('asks for another goal and step', async () => {
    const sent = open(full);
    await userEvent.click(await screen.findByRole('combobox', { name: 'Step' }));
    await userEvent.click(await screen.findByText('3 cm per side'));
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('/trim?step=3+cm'))).toBe(true));
    await userEvent.click(screen.getByRole('combobox', { name: 'Goal' }));
    await userEvent.click(await screen.findByText('rule of height'));
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('goal=height'))).toBe(true));
  });

  it('lets the tails be cut when the length is settled', async () => {
    const sent = open({ ...full, [path]: { ...trim, steps: [], mayCutTails: true } });
    await userEvent.click(await screen.findByRole('button', { name: 'Mark the tails as cut' }));
    await waitFor(() => expect(sent.some((one) => one.path === `/api/ropes/${ownRope.id}/tails`)).toBe(true));
  });

  it('offers helpers no scissors', async () => {
    open({ ...full, 'GET /api/me': helper });
    await screen.findByRole('region', { name: 'Trim path' });
    expect(screen.queryByRole('button', { name: /Trim|tails/ })).toBeNull();
  });
});
