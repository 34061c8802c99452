import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Intervals, Ladder, Rung } from '../../api/sets';
import { ilse, maren, tomasz } from '../../testing/people';
import { drill } from '../../testing/tonight';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { readRun } from '../../lib/setRun';
import { SetsPage } from './SetsPage';

const rung = (text: string, chance: number): Rung => ({
  text,
  notation: 'd',
  reps: Number(text.charAt(0)),
  beats: drill.beats,
  chance,
  tries: 1 / chance,
  inReach: chance >= 0.05,
  expectedS: 3,
});

const ladder: Ladder = {
  athleteId: ilse.id,
  code: 'ladder-rising',
  countKind: 'streak',
  breakS: 5,
  load: { code: 'load.within', sentence: 'About 6 contacts, 0 before it today: within the 900.' },
  outlook: { code: 'ladder.fits', sentence: 'Rung 3, 3 doubles, is the hardest' },
  source: { code: 'pacing.tires', sentence: 'From 12 logged goes: misses come with tiredness.' },
  rungs: [rung('1 double', 0.97), rung('2 doubles', 0.6), rung('3 doubles', 0.02)],
  times: 1,
  missRule: 'repeat',
  jumps: 6,
  turns: 12,
  exitJumps: 0,
  byClock: null,
  contacts: 6,
  chanceOfAll: 0.06,
  inReach: true,
  topInReach: 8,
  tries: 52.7,
  misses: 49.7,
  cleanS: 13.5,
  expectedS: 420,
};

const path = `/api/athletes/${ilse.id}/ladder`;

describe('sets', () => {
  it('waits for the athletes', () => {
    answerWith({});
    renderPage(<SetsPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the athletes');
  });

  it('needs somebody first', async () => {
    answerWith({ 'GET /api/athletes': [] });
    renderPage(<SetsPage />);
    expect(await screen.findByRole('link', { name: 'add an athlete' })).toBeVisible();
  });

  it('tells a failure', async () => {
    answerWith({ 'GET /api/athletes': [ilse], [`GET ${path}`]: new Refused(422, 'Top 31: from 1 to 30.') });
    renderPage(<SetsPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Top 31: from 1 to 30.');
  });

  it('shows a stair of strips with the chance on each step, and the totals', async () => {
    answerWith({ 'GET /api/athletes': [ilse], [`GET ${path}`]: ladder });
    renderPage(<SetsPage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Ilse: rung 3, 3 doubles, is the hardest' }),
    ).toBeVisible();
    const steps = within(screen.getByRole('list', { name: 'Rungs' })).getAllByRole('listitem');
    expect(steps.map((step) => step.textContent)).toEqual([
      '197 in 100once',
      '260 in 1001.7 tries',
      '3not today',
    ]);
    expect(screen.getByRole('img', { name: '2 doubles' })).toBeVisible();
    expect(screen.getByRole('group', { name: 'The whole ladder' })).toHaveTextContent('6 · 12');
    expect(screen.getByRole('group', { name: 'The whole ladder' })).toHaveTextContent('7:00');
    expect(screen.getByRole('group', { name: 'The whole ladder' })).toHaveTextContent(
      'All at first go6 in 100',
    );
  });

  it('starts no ladder with a rung out of reach, and offers the highest that is in reach', async () => {
    const sent = answerWith({
      'GET /api/me': maren,
      'GET /api/athletes': [ilse],
      [`GET ${path}`]: { ...ladder, inReach: false, topInReach: 5 },
    });
    renderPage(<SetsPage />);
    const lower = await screen.findByRole('button', { name: 'Lower the top to 5' });
    expect(screen.queryByRole('button', { name: 'Start the clock' })).toBeNull();
    await userEvent.click(lower);
    await waitFor(() => expect(sent.at(-1)?.path).toContain('top=5'));
  });

  it('asks again for another shape', async () => {
    const sent = answerWith({ 'GET /api/athletes': [ilse], [`GET ${path}`]: ladder });
    renderPage(<SetsPage />);
    await userEvent.click(await screen.findByLabelText('Fixed singles, rising doubles'));
    expect(await screen.findByLabelText('Singles before')).toHaveValue('3');
    await waitFor(() =>
      expect(sent.at(-1)?.path).toBe(
        `${path}?family=fixed-singles&start=1&step=1&top=8&times=1&fixedSingles=3&exitSingles=2&missRule=repeat`,
      ),
    );
  });

  it('starts the clock with the ladder as it was built', async () => {
    localStorage.clear();
    answerWith({ 'GET /api/me': maren, 'GET /api/athletes': [ilse], [`GET ${path}`]: ladder });
    renderPage(<SetsPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Start the clock' }));
    expect(await screen.findByText('elsewhere')).toBeVisible();
    const run = readRun(maren.coach?.id ?? '');
    expect(run).toMatchObject({ kind: 'ladder', name: 'Ilse', code: 'ladder-rising', title: 'Rising to 8' });
    expect(run?.kind === 'ladder' && run.rungs.map((one) => one.reps)).toEqual([1, 2, 3]);
  });

  it('offers no set and no clock to somebody who must not jump, and what to do instead', async () => {
    const stopped = tomasz;
    answerWith({
      'GET /api/me': maren,
      'GET /api/athletes': [stopped],
      [`GET /api/athletes/${stopped.id}/ladder`]: ladder,
    });
    renderPage(<SetsPage />);
    expect(await screen.findByRole('group', { name: 'No jumps today' })).toHaveTextContent(
      'One-hand turns at the side',
    );
    expect(screen.queryByRole('button', { name: 'Start the clock' })).toBeNull();
  });
});

const intervals: Intervals = {
  athleteId: ilse.id,
  code: 'intervals',
  countKind: 'hold',
  text: '20/10 x2',
  oneBlock: true,
  workS: 20,
  restS: 10,
  rounds: 2,
  stations: [],
  phases: [
    { kind: 'work', seconds: 20, round: 1, station: null, contacts: 0 },
    { kind: 'rest', seconds: 10, round: 1, station: null, contacts: 0 },
    { kind: 'work', seconds: 20, round: 2, station: null, contacts: 0 },
  ],
  works: 2,
  totalWorkS: 40,
  totalRestS: 10,
  totalS: 50,
  keepLastRest: false,
  totalWithLastRestS: 60,
  totalWithoutLastRestS: 50,
  strips: [
    {
      name: 'tall singles',
      seconds: 20,
      beats: drill.beats,
      text: '6 tall singles',
      contactsPerMinute: 103,
      contacts: 34.3,
      targetS: null,
    },
  ],
  presets: [{ title: 'Endurance', text: '30/30; 60' }],
  contacts: 69,
  load: { code: 'load.within', sentence: 'About 69 contacts.' },
};

describe('intervals', () => {
  const at = `/api/athletes/${ilse.id}/intervals`;

  it('shows the set to scale with its totals, and reads the text form', async () => {
    const sent = answerWith({
      'GET /api/me': maren,
      'GET /api/athletes': [ilse],
      [`GET ${path}`]: ladder,
      [`GET ${at}`]: intervals,
    });
    renderPage(<SetsPage />);
    await userEvent.click(await screen.findByText('Intervals'));
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Ilse: 2 times 20 s of work, 0:50 in all' }),
    ).toBeVisible();
    expect(screen.getByRole('img', { name: 'work 20 s, rest 10 s' })).toBeVisible();
    expect(screen.getByRole('img', { name: 'work 20 s' })).toBeVisible();
    expect(screen.getByRole('group', { name: 'The whole set' })).toHaveTextContent('0:40');
    const text = screen.getByLabelText('As a text');
    await userEvent.clear(text);
    await userEvent.type(text, '30/15 x4{Enter}');
    await waitFor(() => expect(sent.at(-1)?.path).toBe(`${at}?text=30%2F15+x4&keepLastRest=false`));
  });

  it('keeps the set on the screen when the text can not be read', async () => {
    answerWith({
      'GET /api/me': maren,
      'GET /api/athletes': [ilse],
      [`GET ${path}`]: ladder,
      [`GET ${at}?workS=20&restS=10&rounds=8&stations=&keepLastRest=false`]: intervals,
      [`GET ${at}?text=nonsense&keepLastRest=false`]: new Refused(
        422,
        'Interval set "nonsense": work/rest xrounds.',
      ),
    });
    renderPage(<SetsPage />);
    await userEvent.click(await screen.findByText('Intervals'));
    const text = await screen.findByLabelText('As a text');
    await userEvent.clear(text);
    await userEvent.type(text, 'nonsense{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('Interval set "nonsense"');
    expect(screen.getByLabelText('As a text')).toHaveValue('nonsense');
    expect(screen.getByRole('group', { name: 'The whole set' })).toBeVisible();
  });
});
