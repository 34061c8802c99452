import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Pacing } from '../../api/pacing';
import { ilse, tomasz } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { PacingPage } from './PacingPage';

const odds = { misses: 3.6, chanceUnbroken: 0.07, p10S: 35, p90S: 48 };

const pacing: Pacing = {
  athleteId: ilse.id,
  plan: { code: 'pacing.plan', sentence: '20-15-15, restart each set with one single' },
  matter: { code: 'pacing.hardly', sentence: 'Breaks hardly matter here.' },
  source: { code: 'pacing.tires', sentence: 'From 12 logged goes: misses come with tiredness.' },
  rounds: [
    { plan: [20, 15, 15], expectedS: 47.6, unbrokenS: 49 },
    { plan: [20, 15, 15], expectedS: 48.9, unbrokenS: 51 },
  ],
  expectedS: 96.5,
  p10S: 60,
  p90S: 125,
  unbrokenS: 100,
  ways: [
    {
      scaling: 'full',
      expectedS: 96.5,
      doubles: 100,
      singles: 0,
      contacts: 104,
      recommended: false,
      ...odds,
    },
    { scaling: 'fewer', expectedS: 40, doubles: 50, singles: 0, contacts: 52, recommended: true, ...odds },
  ],
};

const path = `/api/athletes/${ilse.id}/pacing`;
const people = [{ ...tomasz, stageNumber: 1 }, ilse];

describe('pacing', () => {
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
    answerWith({
      'GET /api/athletes': people,
      [`GET ${path}`]: new Refused(422, 'Reps 201: from 1 to 200.'),
    });
    renderPage(<PacingPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Reps 201: from 1 to 200.');
  });

  it('says, draws and times the plan, with the ways to scale beside it', async () => {
    answerWith({ 'GET /api/athletes': people, [`GET ${path}`]: pacing });
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
    expect(screen.getByRole('group', { name: 'Ways to scale' })).toHaveTextContent(
      'Half the doubles0:400:35 to 0:48 · 50 doubles practised · 52 contacts · about 4 misses · unbroken 7 times in 100 recommended',
    );
    expect(screen.getByRole('list', { name: 'Rounds' }).children).toHaveLength(2);
  });

  it('plans no set for whose doubles do not hang together, but ways to practise them', async () => {
    answerWith({
      'GET /api/athletes': people,
      [`GET ${path}`]: {
        ...pacing,
        rounds: [],
        plan: { code: 'pacing.no_plan', sentence: 'No set plan yet: tries for a time' },
      },
    });
    renderPage(<PacingPage />);
    expect(await screen.findByRole('heading', { level: 1, name: /^Ilse: No set plan yet/ })).toBeVisible();
    expect(screen.queryByRole('group', { name: 'Time' })).toBeNull();
    expect(screen.getByRole('group', { name: 'Ways to scale' })).toHaveTextContent('unbroken 7 times in 100');
  });

  it('asks again for other work', async () => {
    const sent = answerWith({ 'GET /api/athletes': people, [`GET ${path}`]: pacing });
    renderPage(<PacingPage />);
    const reps = await screen.findByLabelText('Doubles a round');
    await userEvent.clear(reps);
    await userEvent.type(reps, '100{Enter}');
    await userEvent.click(screen.getByLabelText('Race'));
    await waitFor(() =>
      expect(sent.at(-1)?.path).toBe(`${path}?reps=100&rounds=1&missCost=10&breakCost=4&aim=race`),
    );
  });
});
