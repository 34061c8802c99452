import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { Ladder, Rung } from '../../api/sets';
import { drill, ilse } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { SetsPage } from './SetsPage';

const rung = (text: string, chance: number): Rung => ({
  text,
  notation: 'd',
  beats: drill.beats,
  chance,
  tries: 1 / chance,
  expectedS: 3,
});

const ladder: Ladder = {
  athleteId: ilse.id,
  outlook: { code: 'ladder.fits', sentence: 'Rung 3, 3 doubles, is the hardest' },
  source: { code: 'pacing.tires', sentence: 'From 12 logged goes: misses come with tiredness.' },
  rungs: [rung('1 double', 0.97), rung('2 doubles', 0.6), rung('3 doubles', 0.02)],
  jumps: 6,
  turns: 12,
  contacts: 6,
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
      '1almost alwaysonce',
      '26 in 101.7 tries',
      '3hardly ever50.0 tries',
    ]);
    expect(screen.getByRole('img', { name: '2 doubles' })).toBeVisible();
    expect(screen.getByRole('group', { name: 'The whole ladder' })).toHaveTextContent('6 · 12');
    expect(screen.getByRole('group', { name: 'The whole ladder' })).toHaveTextContent('7:00');
  });

  it('asks again for another shape', async () => {
    const sent = answerWith({ 'GET /api/athletes': [ilse], [`GET ${path}`]: ladder });
    renderPage(<SetsPage />);
    await userEvent.click(await screen.findByLabelText('Fixed singles, rising doubles'));
    expect(await screen.findByLabelText('Singles before')).toHaveValue('3');
    await waitFor(() => expect(sent.at(-1)?.path).toBe(`${path}?family=fixed-singles&top=8&fixedSingles=3`));
  });
});
