import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepRun, readRun, type IntervalRun, type LadderRun } from '../../lib/setRun';
import { ilse, maren } from '../../testing/people';
import { silence } from '../../testing/silence';
import { answerWith, renderPage, type Sent } from '../../testing/render';
import { RunPage } from './RunPage';

const coach = maren.coach?.id ?? '';
const began = Date.UTC(2026, 10, 24, 18, 42);
const rung = (reps: number) => ({
  text: reps === 1 ? '1 double' : `${reps} doubles`,
  notation: `${reps}d`,
  reps,
  beats: [{ kind: 'd', atS: 0, endS: 0.6 }],
});

const ladder: LadderRun = {
  kind: 'ladder',
  athleteId: ilse.id,
  name: 'Ilse',
  code: 'ladder-rising',
  title: 'Rising to 2',
  countKind: 'streak',
  clock: { startMs: began, pausedAtMs: null },
  rungs: [rung(1), rung(2)],
  missRule: 'repeat',
  perPass: 3,
  breakS: 5,
  marks: [],
};

const intervals: IntervalRun = {
  kind: 'intervals',
  athleteId: ilse.id,
  name: 'Ilse',
  code: 'intervals',
  title: '20/10 x2',
  countKind: 'hold',
  clock: { startMs: began, pausedAtMs: null },
  phases: [
    { kind: 'work', seconds: 20, round: 1, station: 'hops' },
    { kind: 'rest', seconds: 10, round: 1, station: 'doubles' },
    { kind: 'work', seconds: 20, round: 2, station: 'doubles' },
  ],
  endedAtS: null,
};

/** Moves the device's clock, and lets the page see it. */
async function at(seconds: number) {
  vi.setSystemTime(began + seconds * 1000);
  await act(() => new Promise((done) => setTimeout(done, 150)));
}

const puts = (sent: Sent[]) => sent.filter((one) => one.method === 'PUT').map((one) => one.body);

describe('a set on the clock', () => {
  beforeEach(() => {
    localStorage.clear();
    silence();
    // Only the date is ours; timers run as they do.
    vi.useFakeTimers({ toFake: ['Date'], now: began });
    return () => vi.useRealTimers();
  });

  it('teaches the first step when nothing runs', async () => {
    answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    expect(await screen.findByRole('link', { name: 'to the sets' })).toBeVisible();
  });

  it('tells the phases of an interval set by word and shape, and what comes next', async () => {
    keepRun(coach, { ...intervals, clock: { startMs: began + 10_000, pausedAtMs: null } });
    answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    expect(await screen.findByText('Get ready')).toBeVisible();
    expect(screen.getByRole('timer')).toHaveTextContent('10');
    await at(11);
    expect(screen.getByText('Work')).toBeVisible();
    expect(screen.getByText('Round 1 of 2: hops')).toBeVisible();
    expect(screen.getByText('next: rest, 10 s')).toBeVisible();
    await at(32);
    expect(screen.getByText('Rest')).toBeVisible();
    expect(screen.getByRole('timer')).toHaveTextContent('8');
    expect(screen.getByText('next: doubles, 20 s')).toBeVisible();
  });

  it('pauses by space and finds its place again after a reload', async () => {
    keepRun(coach, intervals);
    answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    await screen.findByText('Work');
    await at(5);
    await userEvent.keyboard(' ');
    expect(screen.getByText('Paused')).toBeVisible();
    await at(60);
    expect(screen.getByRole('timer')).toHaveTextContent('15');
    expect(readRun(coach)?.clock.pausedAtMs).toBe(began + 5000);
    await userEvent.click(screen.getByRole('button', { name: 'Go on' }));
    await at(65);
    expect(screen.getByRole('timer')).toHaveTextContent('10');
  });

  it('logs the seconds of work in sum when it is over', async () => {
    keepRun(coach, intervals);
    const sent = answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    await screen.findByText('Work');
    await at(50);
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Ilse worked 0:40: how did it go?');
    await userEvent.click(
      within(screen.getByRole('group', { name: 'Misses' })).getByRole('button', { name: '1 more' }),
    );
    await userEvent.click(screen.getByRole('button', { name: 'Log 40 s, misses: 1' }));
    await vi.waitFor(() => expect(puts(sent)).toHaveLength(1));
    expect(puts(sent)[0]).toMatchObject({ drill: 'intervals', kind: 'hold', reps: 40, misses: 1, end: null });
    expect(readRun(coach)).toBeNull();
  });

  it('counts only what was worked when it is ended early', async () => {
    keepRun(coach, intervals);
    answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    await screen.findByText('Work');
    await at(33);
    await userEvent.click(screen.getByRole('button', { name: 'End it here' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('worked 0:23');
  });

  it('marks each go at a rung, logs it at once, and tries a missed rung again', async () => {
    keepRun(coach, ladder);
    const sent = answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    expect(await screen.findByRole('heading', { level: 1 })).toHaveTextContent('Ilse: rung 1 of 2, 1 double');
    await at(4);
    await userEvent.click(screen.getByRole('button', { name: 'Made: 1 double' }));
    expect(screen.getByText('Breathe')).toBeVisible();
    expect(screen.getByRole('timer')).toHaveTextContent('5');
    await at(12);
    expect(screen.getByText('Jump')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Miss after 1' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('rung 2 of 2');
    await at(20);
    await userEvent.click(screen.getByRole('button', { name: 'Made: 2 doubles' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('Ilse made all 2 rungs, misses: 1');
    expect(screen.getByRole('timer')).toHaveTextContent('0:20');
    await vi.waitFor(() => expect(puts(sent).length).toBeGreaterThan(0));
    expect(puts(sent)[0]).toMatchObject({ drill: 'ladder-rising', kind: 'streak', reps: 1, end: 'stopped' });
    await userEvent.click(screen.getByRole('button', { name: 'Close the clock' }));
    expect(readRun(coach)).toBeNull();
  });

  it('takes the last mark back', async () => {
    keepRun(coach, ladder);
    answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    await screen.findByRole('button', { name: 'Made: 1 double' });
    await at(4);
    await userEvent.click(screen.getByRole('button', { name: 'Made: 1 double' }));
    await userEvent.click(screen.getByRole('button', { name: 'Undo the last mark' }));
    expect(screen.getByRole('heading', { level: 1 })).toHaveTextContent('rung 1 of 2');
    const run = readRun(coach);
    expect(run?.kind === 'ladder' && run.marks).toEqual([]);
  });

  it('asks only clean or not where a rung mixes jumps', async () => {
    keepRun(coach, { ...ladder, countKind: 'tries', code: 'ladder-falling-singles' });
    const sent = answerWith({ 'GET /api/me': maren });
    renderPage(<RunPage />);
    await at(3);
    await userEvent.click(await screen.findByRole('button', { name: 'Miss' }));
    // On a busy machine what the test before this one logged may come first.
    const missed = { kind: 'tries', reps: 0, misses: 1, end: null };
    await vi.waitFor(() => expect(puts(sent)).toContainEqual(expect.objectContaining(missed)));
  });
});
