import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { maren } from '../../testing/people';
import { answerWith, renderPage } from '../../testing/render';
import { EntriesPage } from './EntriesPage';

const seen = {
  sentence: '2 new entries',
  columns: [{ column: 0, heading: 'date', sample: ['3/4/2026'], meaning: 'date' }],
  entries: [
    { line: 2, name: 'Femi', day: '2026-04-03', reps: 38, misses: 2 },
    { line: 3, name: 'Ilse', day: '2026-04-05', reps: 12, misses: 7 },
  ],
  faults: [],
  there: 0,
  dayOrderAsked: true,
  hasMisses: true,
  drills: [{ code: 'big-sets', title: 'Big sets of doubles', stageName: 'Hold' }],
};

describe('a log out of a spreadsheet', () => {
  it('comes in once it is said what was done, and goes out again', async () => {
    const sent = answerWith({
      'GET /api/me': maren,
      'POST /api/entry-lists': seen,
      'PUT /api/entry-lists/{id}': seen,
      'DELETE /api/entry-lists/{id}': {},
    });
    renderPage(<EntriesPage />);
    await userEvent.type(await screen.findByLabelText('Your list'), 'a list');
    expect(await screen.findByRole('heading', { name: '2 new entries' })).toBeInTheDocument();
    expect(screen.getByText('Fri, 3 Apr 2026')).toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Say what was done' })).toBeDisabled();
    await userEvent.click(screen.getByText(/^the month: 3/));
    await userEvent.click(screen.getByRole('combobox', { name: 'What was done in it' }));
    await userEvent.click(await screen.findByText('Hold: Big sets of doubles'));
    await waitFor(() => expect(screen.getByRole('button', { name: 'Add 2 entries' })).toBeEnabled());
    await userEvent.click(screen.getByRole('button', { name: 'Add 2 entries' }));
    expect(await screen.findByText('2 entries came in.')).toBeInTheDocument();
    const put = sent.find(({ method }) => method === 'PUT');
    expect(put?.path).toMatch(/order=month-first&drill=big-sets$/);
    await userEvent.click(screen.getByRole('button', { name: 'Take all 2 back' }));
    await waitFor(() => expect(sent.some(({ method }) => method === 'DELETE')).toBe(true));
    const gone = sent.find(({ method }) => method === 'DELETE');
    expect(gone?.path).toBe(put?.path.replace(/\?.*/, ''));
    expect(await screen.findByRole('button', { name: 'Add 2 entries' })).toBeInTheDocument();
  }, 20_000);
});
