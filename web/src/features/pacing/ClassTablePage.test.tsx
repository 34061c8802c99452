import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it } from 'vitest';
import { classPacing, fifty } from '../../testing/pacing';
import { maren } from '../../testing/people';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { CardsPage } from './CardsPage';
import { ClassTablePage } from './ClassTablePage';

const base = {
  'GET /api/me': maren,
  'GET /api/workouts': [],
  'GET /api/workouts/read': { workout: fifty, error: null },
  'GET /api/class-pacing': classPacing,
};

describe('a workout for the class', () => {
  beforeEach(() => localStorage.clear());

  it('that could not be made is told', async () => {
    answerWith({ ...base, 'GET /api/class-pacing': new Refused(500, 'Our fault.') });
    renderPage(<ClassTablePage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('of nobody says where they are', async () => {
    answerWith({ ...base, 'GET /api/class-pacing': { ...classPacing, rows: [] } });
    renderPage(<ClassTablePage />);
    expect(await screen.findByRole('link', { name: 'to the hall' })).toBeVisible();
  });

  it('names who would get stuck, what is better, and who does not jump', async () => {
    answerWith(base);
    renderPage(<ClassTablePage />);
    expect(
      await screen.findByRole('heading', { level: 1, name: 'All of it would stop Tomasz' }),
    ).toBeVisible();
    const rows = screen.getAllByRole('row').map((row) => row.textContent);
    expect(rows[1]).toContain('90 times in 100');
    expect(rows[1]).toContain('Tries for a time');
    expect(rows[2]).toContain('All doubles in 20-15-15');
    expect(rows[3]).toContain('Pain in the shin');
  });

  it('brings all together on one touch', async () => {
    const sent = answerWith({
      ...base,
      'GET /api/class-pacing': {
        ...classPacing,
        change: 40,
        spreadS: 110,
        chanceTogether: 0.52,
        rows: classPacing.rows.map((row, i) => ({
          ...row,
          level:
            i === 2
              ? null
              : { number: 30, tries: false, doubles: 60, expectedS: 90, change: 40, outside: false },
        })),
      },
    });
    renderPage(<ClassTablePage />);
    await userEvent.click(await screen.findByRole('button', { name: 'Within two minutes of each other' }));
    await waitFor(() => expect(sent.at(-1)?.path).toContain('within=120'));
    expect(sent.at(-1)?.path).toContain('least=15');
    expect(
      await screen.findByText(/40 doubles fewer in all: 1:50 from first to last; holds 52 times in 100/),
    ).toBeVisible();
    expect(screen.getByRole('link', { name: 'As CSV' })).toHaveAttribute(
      'href',
      expect.stringContaining('/api/class-pacing/csv?'),
    );
  });

  it('is the same on the cards as on the table', async () => {
    const sent = answerWith(base);
    renderPage(<ClassTablePage />);
    await userEvent.click(await screen.findByLabelText('Race'));
    cleanup();
    renderPage(<CardsPage />);
    await screen.findByRole('list', { name: 'Cards' });
    expect(sent.at(-1)?.path).toContain('aim=race');
  });

  it('goes on cards, without why somebody does not jump', async () => {
    answerWith(base);
    renderPage(<CardsPage />);
    const cards = await screen.findByRole('list', { name: 'Cards' });
    expect(cards.children).toHaveLength(3);
    expect(cards).toHaveTextContent('20 – 15 – 15');
    expect(cards).not.toHaveTextContent('Pain');
  });
});
