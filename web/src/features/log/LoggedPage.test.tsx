import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { FoundEntry } from '../../api/logged';
import { ilse } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { LoggedPage } from './LoggedPage';

const found = (id: string, reps: number): FoundEntry => ({
  entry: {
    id,
    athleteId: ilse.id,
    drill: 'ten-in-a-row',
    kind: 'streak',
    reps,
    misses: 0,
    end: 'miss',
    clean: true,
    at: '2026-11-24T18:42:00Z',
    sentence: `${String(reps)}, miss`,
    selfReported: false,
    loggedBy: 'Maren Quill',
    asks: null,
    twin: null,
    removed: false,
    version: 1,
  },
  athleteName: ilse.name,
  stage: 'singles',
  work: 'Ten in a row',
  day: '2026-11-24',
  time: '18:42',
});

const page = {
  entries: [found('019b76da-a800-76c6-8149-363915b1ab31', 23)],
  next: '2026-11-24T18:42:00Z,019b76da-a800-76c6-8149-363915b1ab31',
  totals: { entries: 1234, reps: 20_511, misses: 812 },
  faults: [{ code: 'hands-wide', name: 'hands wide' }],
};

describe('what was logged', () => {
  it('waits for the log', () => {
    answerWith({});
    renderPage(<LoggedPage />);
    expect(screen.getByRole('status')).toHaveTextContent('Fetching the log');
  });

  it('tells a failure', async () => {
    answerWith({ 'GET /api/athletes': [ilse], 'GET /api/entries': new Refused(500, 'Our fault.') });
    renderPage(<LoggedPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('is empty before anything was logged', async () => {
    answerWith({
      'GET /api/athletes': [],
      'GET /api/entries': { entries: [], next: null, totals: { entries: 0, reps: 0, misses: 0 }, faults: [] },
    });
    renderPage(<LoggedPage />);
    expect(await screen.findByText('Nothing is logged yet.')).toBeVisible();
  });

  it('says whose and when, with the sums of all, and goes back page by page', async () => {
    const sent = answerWith({ 'GET /api/athletes': [ilse], 'GET /api/entries': page });
    renderPage(<LoggedPage />);
    expect(await screen.findByRole('heading', { level: 1, name: 'The log: 1,234 entries' })).toBeVisible();
    expect(screen.getByRole('listitem')).toHaveTextContent(
      'Ilse Tannow: 23, missTen in a row, 2026-11-24 18:42, by Maren Quill',
    );
    expect(screen.getByRole('group', { name: 'Sums' })).toHaveTextContent('20,511 logged, 812 missed');
    await userEvent.click(screen.getByRole('button', { name: 'What came before' }));
    await waitFor(() => expect(sent.at(-1)?.path).toContain('after=2026-11-24T18%3A42%3A00Z'));
  });

  it('is narrowed by days, and the table is of exactly these', async () => {
    const sent = answerWith({ 'GET /api/athletes': [ilse], 'GET /api/entries': page });
    renderPage(<LoggedPage />);
    await userEvent.type(await screen.findByLabelText('From'), '2026-11-20');
    await waitFor(() => expect(sent.at(-1)?.path).toContain('from=2026-11-20'));
    expect(screen.getByRole('link', { name: 'These as CSV' })).toHaveAttribute(
      'href',
      '/api/entries/csv?from=2026-11-20',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Everything' }));
    expect(await screen.findByRole('heading', { level: 1, name: 'The log: 1,234 entries' })).toBeVisible();
  });

  it('puts an entry right, and says what became of it', async () => {
    const id = page.entries[0]?.entry.id ?? '';
    const sent = answerWith({
      'GET /api/athletes': [ilse],
      'GET /api/entries': { ...page, next: null },
      [`GET /api/attempts/${id}/history`]: [
        { at: '2026-11-24T18:42:00Z', by: 'Maren', deed: 'made', changes: [] },
        {
          at: '2026-11-24T18:43:00Z',
          by: 'Ewan',
          deed: 'changed',
          changes: [{ what: 'reps', kind: 'plain', before: '230', after: '23' }],
        },
      ],
      'PATCH /api/attempts/{id}': {},
    });
    renderPage(<LoggedPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Change Ilse Tannow 23, miss' }));
    expect(await screen.findByText(/Ewan changed it; reps 230 → 23/)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Put right' })).toBeDisabled();
    await userEvent.clear(screen.getByLabelText('Reps'));
    await userEvent.type(screen.getByLabelText('Reps'), '25');
    await userEvent.click(screen.getByRole('button', { name: 'Put right' }));
    await waitFor(() =>
      expect(sent.find(({ method }) => method === 'PATCH')?.body).toEqual({
        reps: 25,
        misses: 0,
        end: 'miss',
      }),
    );
  });

  it('takes back many at once', async () => {
    const two = [
      found('019b76da-a800-76c6-8149-363915b1ab31', 23),
      found('019b76da-a800-76c6-8149-363915b1ab32', 7),
    ];
    const sent = answerWith({
      'GET /api/athletes': [ilse],
      'GET /api/entries': { ...page, entries: two, next: null },
      'DELETE /api/attempts/{id}': {},
    });
    renderPage(<LoggedPage />);
    await userEvent.click(await screen.findByRole('checkbox', { name: 'Choose Ilse Tannow 23, miss' }));
    await userEvent.click(screen.getByRole('checkbox', { name: 'Choose Ilse Tannow 7, miss' }));
    await userEvent.click(screen.getByRole('button', { name: 'Take them back' }));
    await waitFor(() => expect(sent.filter(({ method }) => method === 'DELETE')).toHaveLength(2));
    expect(screen.queryByRole('group', { name: 'Chosen entries' })).toBeNull();
  });

  it('takes an entry back', async () => {
    const sent = answerWith({
      'GET /api/athletes': [ilse],
      'GET /api/entries': page,
      'DELETE /api/attempts/{id}': {},
    });
    renderPage(<LoggedPage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Undo Ilse Tannow 23, miss' }));
    await waitFor(() => expect(sent.some(({ method }) => method === 'DELETE')).toBe(true));
  });
});
