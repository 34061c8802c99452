import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { readRun } from '../../lib/setRun';
import { fifty, pacedRuns, pacing } from '../../testing/pacing';
import { ilse, maren, tomasz } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { RehearsalPage } from './RehearsalPage';

const base = {
  'GET /api/me': maren,
  'GET /api/athletes': [{ ...tomasz, stageNumber: 1 }, ilse],
  'GET /api/workouts/read': { workout: fifty, error: null },
  [`GET /api/athletes/${ilse.id}/pacing`]: pacing,
  'GET /api/paced-runs': pacedRuns,
};

describe('a rehearsal', () => {
  beforeEach(() => localStorage.clear());

  it('waits for the athletes', () => {
    answerWith({});
    renderPage(<RehearsalPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the athletes');
  });

  it('needs somebody first', async () => {
    answerWith({ 'GET /api/athletes': [] });
    renderPage(<RehearsalPage />);
    expect(await screen.findByRole('link', { name: 'add an athlete' })).toBeVisible();
  });

  it('tells a failure', async () => {
    answerWith({
      ...base,
      [`GET /api/athletes/${ilse.id}/pacing`]: new Refused(422, 'Text: too much to plan.'),
    });
    renderPage(<RehearsalPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Text: too much to plan.');
  });

  it('says each leg with its time, and starts the pacer with them', async () => {
    answerWith(base);
    renderPage(<RehearsalPage />);
    const legs = await screen.findByRole('list', { name: 'Legs' });
    expect(legs).toHaveTextContent(
      'Round 120 doublesby 0:1215 doublesby 0:25after 4 s15 doublesby 0:38after 4 s',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Start the pacer' }));
    const run = readRun(maren.coach?.id ?? '');
    expect(run).toMatchObject({
      kind: 'paced',
      name: 'Ilse',
      workout: fifty.text,
      touches: [],
      untilS: null,
    });
  });

  it('starts nothing that today’s contacts do not hold, unless a coach has chosen it', async () => {
    const much = { ...pacing, contactsLeft: 60 };
    answerWith({ ...base, [`GET /api/athletes/${ilse.id}/pacing`]: much });
    renderPage(<RehearsalPage />);
    expect(await screen.findByRole('note')).toHaveTextContent('104 contacts, and 60 are left today');
    expect(screen.queryByRole('button', { name: 'Start the pacer' })).toBeNull();
    expect(screen.getByRole('link', { name: 'choose a way that fits' })).toBeVisible();
  });

  it('paces nobody through doubles that do not hang together yet', async () => {
    const learner = { ...pacing, plan: { code: 'pacing.no_plan', sentence: 'No set plan yet' } };
    answerWith({ ...base, [`GET /api/athletes/${ilse.id}/pacing`]: learner });
    renderPage(<RehearsalPage />);
    expect(await screen.findByRole('heading', { name: 'Ilse: no such number in a row yet' })).toBeVisible();
    expect(screen.getByRole('note')).toHaveTextContent('Doubles do not hang together yet');
    expect(screen.queryByRole('list', { name: 'Legs' })).toBeNull();
    expect(screen.queryByRole('button', { name: 'Start the pacer' })).toBeNull();
  });

  it('does what the coach has chosen, not what stands on the board', async () => {
    const chosen = {
      id: 'chosen',
      athleteId: ilse.id,
      scaling: 'fewer' as const,
      doing: '2 rounds: 20 doubles',
      reason: '',
      chosenBy: 'Maren',
      removed: false,
      version: 1,
    };
    const sent = answerWith({ ...base, [`GET /api/athletes/${ilse.id}/pacing`]: { ...pacing, chosen } });
    renderPage(<RehearsalPage />);
    await waitFor(() =>
      expect(sent.some((one) => decodeURIComponent(one.path).includes('text=2+rounds:+20+doubles'))).toBe(
        true,
      ),
    );
  });

  it('holds the last one against its plan with one thing to change, and says how many forecasts held', async () => {
    const [run] = pacedRuns.runs;
    const sent = answerWith({
      ...base,
      'DELETE /api/paced-runs/{id}': { ...run, removed: true, version: 2 },
      'POST /api/paced-runs/{id}/restore': { ...run, version: 3 },
    });
    renderPage(<RehearsalPage />);
    expect(await screen.findByRole('heading', { name: /^More misses than expected/ })).toBeVisible();
    expect(screen.getByText(/2 of 3 forecasts held/)).toBeVisible();
    expect(screen.getByRole('img', { name: 'Quicker than the band 0, in it 2, slower 1' })).toBeVisible();
    expect(screen.getByRole('img', { name: 'Slower than the band' })).toBeVisible();
    await userEvent.click(screen.getByText('2 rounds: 50 doubles', { selector: 'summary' }));
    await userEvent.click(screen.getByRole('button', { name: 'Take it away' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(sent.some((one) => one.path.endsWith('/restore'))).toBe(true));
  });
});
