import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepRun, readRun, type PacedSet } from '../../lib/setRun';
import { pacing } from '../../testing/pacing';
import { ilse, maren } from '../../testing/people';
import { answerWith, renderPage } from '../../testing/render';
import { silence } from '../../testing/silence';
import { PacerPage } from './PacerPage';

const coach = maren.coach?.id ?? '';
const began = Date.UTC(2026, 10, 24, 18, 42);
const paced: PacedSet = {
  kind: 'paced',
  athleteId: ilse.id,
  name: 'Ilse',
  code: 'workout',
  title: 'Workout',
  clock: { startMs: began, pausedAtMs: null },
  workout: '2 rounds: 50 doubles',
  forecast: { expectedS: 68, p10S: 60, p90S: 90, wider: 1 },
  legs: pacing.legs,
  touches: [],
  missed: 0,
  byClock: false,
  untilS: null,
  endedAtS: null,
};

async function at(seconds: number) {
  vi.setSystemTime(began + seconds * 1000);
  await act(() => new Promise((done) => setTimeout(done, 150)));
}

const touch = (name: string) => userEvent.click(screen.getByRole('button', { name }));

describe('the pacer', () => {
  beforeEach(() => {
    localStorage.clear();
    silence();
    vi.useFakeTimers({ toFake: ['Date'], now: began });
    return () => vi.useRealTimers();
  });

  it('teaches the first step when nobody is paced', async () => {
    answerWith({ 'GET /api/me': maren });
    renderPage(<PacerPage />);
    expect(await screen.findByRole('link', { name: 'to the rehearsal' })).toBeVisible();
  });

  it('calls the leg, the break after a touch, and how far the plan is', async () => {
    keepRun(coach, paced);
    answerWith({ 'GET /api/me': maren });
    renderPage(<PacerPage />);
    await at(5);
    expect(await screen.findByText('Jump')).toBeVisible();
    expect(screen.getByRole('timer')).toHaveTextContent('7');
    expect(screen.getByText('Round 1, 1 of 3; next: 4 s, then 15 doubles')).toBeVisible();
    await touch('Miss');
    await at(17);
    expect(screen.getByRole('timer')).toHaveTextContent('+5');
    expect(screen.getByText(/5 s behind the plan/)).toBeVisible();
    await touch('Done: 20 doubles');
    expect(await screen.findByText('Breathe')).toBeVisible();
    expect(screen.getByRole('timer')).toHaveTextContent('4');
    expect(readRun(coach)).toMatchObject({ touches: [{ missed: 1 }], missed: 0 });
    await touch('One back');
    expect(readRun(coach)).toMatchObject({ touches: [], missed: 1 });
  });

  it('keeps what was touched, and logs its doubles', async () => {
    const touches = [12, 25, 40].map((atS) => ({ atS, missed: 1 }));
    keepRun(coach, { ...paced, touches });
    const sent = answerWith({
      'GET /api/me': maren,
      'PUT /api/paced-runs/{id}': {},
      'PUT /api/attempts/{id}': {},
    });
    renderPage(<PacerPage />);
    await at(72);
    await touch('Done: 50 doubles');
    expect(await screen.findByRole('list', { name: 'Touches' })).toHaveTextContent(
      '20 doubles: 0:12, on the plan, missed 1',
    );
    await touch('Keep it, and log the doubles');
    await vi.waitFor(() => expect(sent.filter(({ method }) => method === 'PUT')).toHaveLength(2));
    const [run, entry] = sent.filter(({ method }) => method === 'PUT').map(({ body }) => body);
    expect(run).toMatchObject({ athleteId: ilse.id, finished: true, expectedS: 68, p10S: 60, p90S: 90 });
    expect((run as { legs: unknown[] }).legs).toHaveLength(4);
    expect(entry).toMatchObject({ drill: 'workout', kind: 'sum', reps: 100, misses: 3 });
    expect(readRun(coach)).toBeNull();
  });

  it('of what is ended early keeps what was done, as not finished', async () => {
    keepRun(coach, { ...paced, touches: [{ atS: 12, missed: 0 }] });
    const sent = answerWith({
      'GET /api/me': maren,
      'PUT /api/paced-runs/{id}': {},
      'PUT /api/attempts/{id}': {},
    });
    renderPage(<PacerPage />);
    await at(20);
    await touch('End it here');
    expect(await screen.findByText('Stopped')).toBeVisible();
    await touch('Keep it, and log the doubles');
    await vi.waitFor(() => expect(sent.filter(({ method }) => method === 'PUT')).toHaveLength(2));
    expect(sent.find(({ method }) => method === 'PUT')?.body).toMatchObject({ finished: false });
  });

  it('ends by its clock where the clock ends it', async () => {
    const forecast = { ...paced.forecast, p10S: 68, p90S: 68 };
    keepRun(coach, { ...paced, forecast, untilS: 30, touches: [{ atS: 12, missed: 0 }] });
    answerWith({ 'GET /api/me': maren });
    renderPage(<PacerPage />);
    await at(31);
    expect(await screen.findByText('Done')).toBeVisible();
  });

  it('of what the cap cuts off says that it was stopped, so that no forecast is held against it', async () => {
    keepRun(coach, { ...paced, untilS: 30, touches: [{ atS: 12, missed: 0 }] });
    const sent = answerWith({
      'GET /api/me': maren,
      'PUT /api/paced-runs/{id}': {},
      'PUT /api/attempts/{id}': {},
    });
    renderPage(<PacerPage />);
    await at(31);
    expect(await screen.findByText('Stopped')).toBeVisible();
    await touch('Keep it, and log the doubles');
    await vi.waitFor(() => expect(sent.filter(({ method }) => method === 'PUT')).toHaveLength(2));
    expect(sent.find(({ method }) => method === 'PUT')?.body).toMatchObject({ finished: false });
  });
});
