import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { fifty, pacing } from '../../testing/pacing';
import { ilse, maren, tomasz } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { PacingPage } from './PacingPage';

const path = `/api/athletes/${ilse.id}/pacing`;
const people = [{ ...tomasz, stageNumber: 1 }, ilse];
const base = {
  'GET /api/me': maren,
  'GET /api/athletes': people,
  'GET /api/workouts': [
    { id: null, name: 'Twice fifty', text: '2 rounds: 50 doubles', removed: false, version: 0 },
    { id: null, name: 'A hundred', text: 'once: 100 doubles', removed: false, version: 0 },
  ],
  'GET /api/workouts/read': { workout: fifty, error: null },
  [`GET ${path}`]: pacing,
};

describe('pacing', () => {
  beforeEach(() => localStorage.clear());

  it('waits for the athletes', () => {
    answerWith({});
    renderPage(<PacingPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the athletes');
  });

  it('needs somebody first', async () => {
    answerWith({ 'GET /api/athletes': [] });
    renderPage(<PacingPage />);
    expect(await screen.findByRole('link', { name: 'add an athlete' })).toBeVisible();
  });

  it('tells a failure', async () => {
    answerWith({ ...base, [`GET ${path}`]: new Refused(422, 'Text: too much to plan.') });
    renderPage(<PacingPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Text: too much to plan.');
  });

  it('says, draws and times the plan, with the ways to scale beside it', async () => {
    answerWith(base);
    renderPage(<PacingPage />);
    expect(
      await screen.findByRole('heading', {
        level: 1,
        name: 'Ilse: 20-15-15, restart each set with one single',
      }),
    ).toBeVisible();
    expect(
      screen.getByRole('img', { name: 'Sets of 20, then 15, then 15 doubles' }).querySelectorAll('path'),
    ).toHaveLength(50);
    expect(screen.getByRole('group', { name: 'Time' })).toHaveTextContent('1:00 and 2:05');
    expect(screen.getByRole('list', { name: 'The workout in time' }).children).toHaveLength(2);
    const ways = screen.getByRole('group', { name: 'Ways to scale' });
    expect(ways).toHaveTextContent('Best: fewer doubles');
    expect(ways).toHaveTextContent(
      'Fewer doubles0:400:35 to 0:48 · 50 doubles practised · 52 contacts · about 4 misses · unbroken 7 times in 100 · recommended',
    );
  });

  it('moves the cost along with a break that is moved', async () => {
    const sent = answerWith(base);
    renderPage(<PacingPage />);
    const first = await screen.findByRole('slider', { name: 'Break 1' });
    expect(first).toHaveAttribute('aria-valuenow', '20');
    fireEvent.keyDown(first, { key: 'ArrowRight' });
    await waitFor(() => expect(sent.at(-1)?.path).toContain('sets=21-14-15'));
    expect(screen.getByText(/0:48, as good as the best/)).toBeVisible();
    await userEvent.type(screen.getByRole('textbox', { name: 'Sets, like 20-15-15' }), '25-25{Enter}');
    await waitFor(() => expect(sent.at(-1)?.path).toContain('sets=25-25'));
  });

  it('points at the place that can’t be read, and plans nothing of it', async () => {
    const sent = answerWith({
      ...base,
      'GET /api/workouts/read': {
        workout: null,
        error: { position: 11, given: 'run', accepted: 'a station' },
      },
    });
    renderPage(<PacingPage />);
    expect(await screen.findByText(/Character 11, “run”: a station/)).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Go to it' }));
    const box = screen.getByRole<HTMLTextAreaElement>('textbox', { name: 'Workout' });
    expect([box.selectionStart, box.selectionEnd]).toEqual([10, 13]);
    expect(sent.filter((one) => one.path.startsWith(path))).toEqual([]);
  });

  it('writes the text that its fields say', async () => {
    const sent = answerWith(base);
    renderPage(<PacingPage />);
    await userEvent.click(await screen.findByText('As a form'));
    await userEvent.click(screen.getByRole('button', { name: 'Another station' }));
    expect(screen.getByRole('textbox', { name: 'Workout' })).toHaveValue('2 rounds: 50 doubles, rest 1:00');
    const reps = screen.getByRole('spinbutton', { name: 'Reps of station 1' });
    await userEvent.clear(reps);
    await userEvent.type(reps, '40');
    expect(screen.getByRole('textbox', { name: 'Workout' })).toHaveValue('2 rounds: 40 doubles');
    await waitFor(() => expect(sent.some((one) => one.path.includes('read?text=2+rounds'))).toBe(true));
  });

  it('plans no set for whose doubles do not hang together, but ways to practise them', async () => {
    answerWith({
      ...base,
      [`GET ${path}`]: {
        ...pacing,
        rounds: [],
        bend: null,
        plan: { code: 'pacing.no_plan', sentence: 'No set plan yet: tries for a time' },
      },
    });
    renderPage(<PacingPage />);
    expect(await screen.findByRole('heading', { level: 1, name: /^Ilse: No set plan yet/ })).toBeVisible();
    expect(screen.queryByRole('slider')).toBeNull();
    expect(screen.getByRole('group', { name: 'Ways to scale' })).toHaveTextContent('unbroken 7 times in 100');
  });

  it('asks again for other work, and keeps a workout', async () => {
    const sent = answerWith({
      ...base,
      'PUT /api/workouts/{id}': {
        id: 'w',
        name: 'Friday',
        text: '2 rounds: 50 doubles',
        removed: false,
        version: 1,
      },
      'GET /api/workouts': [],
    });
    renderPage(<PacingPage />);
    await userEvent.click(await screen.findByLabelText('Race'));
    await waitFor(() => expect(sent.at(-1)?.path).toContain('aim=race'));
    await userEvent.click(screen.getByText('Keep it'));
    await userEvent.type(screen.getByRole('textbox', { name: 'Name of the workout' }), 'Friday{Enter}');
    await waitFor(() =>
      expect(sent.find((one) => one.method === 'PUT')?.body).toEqual(
        expect.objectContaining({ name: 'Friday' }),
      ),
    );
  });
});
