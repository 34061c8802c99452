import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Deck, EachMinute, FootGame, Relay } from '../../../api/games';
import { readRun } from '../../../lib/setRun';
import { ilse, maren } from '../../../testing/people';
import { answerWith, renderPage } from '../../../testing/render';
import { GamesPage } from './GamesPage';

const load = { code: 'load.within', sentence: 'About 34 contacts.' };
const deck: Deck = {
  athleteId: ilse.id,
  code: 'game-cards',
  countKind: 'hold',
  seed: 1,
  cards: [
    { rank: '7', suit: 'hearts', reps: 7, factor: 1, style: '1 single' },
    { rank: 'joker', suit: 'hearts', reps: 0, factor: 1, style: '1 single' },
    { rank: '8', suit: 'spades', reps: 16, factor: 2, style: '1 double' },
  ],
  suits: [{ suit: 'spades', notation: 'd', style: '1 double', reps: 16 }],
  reps: 23,
  jumps: 23,
  turns: 39,
  contacts: 23,
  load,
};
const feet: FootGame = {
  athleteId: ilse.id,
  code: 'game-feet',
  countKind: 'hold',
  hops: [2, 1],
  eachFoot: 3,
  landings: 6,
  load,
};
const minutes: EachMinute = {
  athleteId: ilse.id,
  code: 'game-each-minute',
  countKind: 'streak',
  first: 5,
  stillIn: [0.9, 0.4],
  end: 2,
  reps: 5,
  outlook: { code: 'game.ends', sentence: 'Expected to end in minute 2' },
  source: { code: 'pacing.even', sentence: 'From 12 logged goes.' },
  load,
};
const relay: Relay = {
  code: 'game-relay',
  teams: [
    {
      runners: [{ athleteId: ilse.id, firstName: 'Ilse', seconds: 21, what: '20 doubles' }],
      seconds: 21,
      twice: null,
    },
  ],
  spreadS: 3.2,
  left: 1,
};
const at = `/api/athletes/${ilse.id}`;
const answers = {
  'GET /api/me': maren,
  'GET /api/athletes': [ilse],
  [`GET ${at}/cards`]: deck,
  [`GET ${at}/feet`]: feet,
  [`GET ${at}/each-minute`]: minutes,
  'GET /api/relay': relay,
};

describe('games', () => {
  it('turns cards over in their order, and runs them', async () => {
    answerWith(answers);
    renderPage(<GamesPage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Ilse: 3 cards, 23 reps in all' }),
    ).toBeVisible();
    const cards = within(screen.getByRole('list', { name: 'Cards in their order' })).getAllByRole('listitem');
    expect(cards.map((card) => card.textContent)).toEqual([
      '77 of heartssingle',
      'jokerjokerdoubles the next',
      '168 of spadesdouble2 times',
    ]);
    await userEvent.click(screen.getByRole('button', { name: 'Start the clock' }));
    expect(readRun(maren.coach?.id ?? '')).toMatchObject({ kind: 'steps', code: 'game-cards', done: 0 });
  });

  it('shuffles again by another seed', async () => {
    const sent = answerWith(answers);
    renderPage(<GamesPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Shuffle again' }));
    await screen.findByRole('heading', { level: 1, name: 'Ilse: 3 cards, 23 reps in all' });
    expect(sent.at(-1)?.path).toContain('seed=2');
  });

  it('tells both numbers of a foot game', async () => {
    answerWith(answers);
    renderPage(<GamesPage />);
    await userEvent.click(await screen.findByLabelText('Feet: countdown, pyramid'));
    expect(
      await screen.findByRole('heading', { level: 1, name: 'Ilse: 3 hops a foot, 6 in all' }),
    ).toBeVisible();
  });

  it('says in which minute it is expected to end', async () => {
    answerWith(answers);
    renderPage(<GamesPage />);
    await userEvent.click(await screen.findByLabelText('One more each minute'));
    expect(await screen.findByText('still in 40 times in 100')).toBeVisible();
  });

  it('has teams, and who may not jump is in none', async () => {
    answerWith(answers);
    renderPage(<GamesPage />);
    await userEvent.click(await screen.findByLabelText('Relay'));
    expect(await screen.findByRole('region', { name: 'Team 1' })).toHaveTextContent('Ilse: 20 doubles');
    expect(screen.getByText(/1 of the class may not jump today/)).toBeVisible();
  });
});
