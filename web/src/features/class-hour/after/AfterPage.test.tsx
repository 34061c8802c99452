import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { After } from '../../../api/after';
import { maren } from '../../../testing/people';
import { answerWith, renderPage } from '../../../testing/render';
import { AfterPage } from './AfterPage';

const after: After = {
  title: { code: 'after.did', sentence: '1 person, 4 entries, 1 record' },
  day: '2026-11-24',
  rows: [
    {
      athleteId: 'a',
      name: 'Ilse Tannow',
      did: '78 reps, 4 missed',
      entries: 4,
      contacts: 82,
      record: 41,
      gateOpened: null,
      fault: 'Hands wide',
      look: null,
      off: null,
      next: 'Big sets of doubles',
    },
  ],
  idle: ['Bram Oosterveel'],
  entries: 4,
  contacts: 82,
  records: 1,
  gates: 0,
  confirmedBy: null,
  confirmedAt: null,
  revision: 1,
};

describe('after class', () => {
  it('says who did what and is confirmed with one touch', async () => {
    answerWith({
      'GET /api/me': maren,
      'GET /api/class-after': after,
      'PUT /api/class-after/{id}': { ...after, confirmedBy: 'Maren Quill' },
    });
    renderPage(<AfterPage />);
    expect(await screen.findByRole('row', { name: /Ilse Tannow/ })).toHaveTextContent(
      'Ilse Tannow78 reps, 4 missed82record: 41Hands wideBig sets of doubles',
    );
    expect(screen.getByText('Here, and nothing logged: Bram Oosterveel.')).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'All right: the class is over' }));
    expect(await screen.findByText(/Looked over by Maren Quill/)).toBeVisible();
  });

  it('without an entry points to the hall', async () => {
    answerWith({
      'GET /api/me': maren,
      'GET /api/class-after': {
        ...after,
        rows: [],
        title: { code: 'after.nothing', sentence: 'Nothing yet' },
      },
    });
    renderPage(<AfterPage />);
    expect(await screen.findByRole('link', { name: 'to the hall' })).toBeVisible();
  });
});
