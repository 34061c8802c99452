import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { maren } from '../../testing/people';
import { athleteWeeks, classWeeks } from '../../testing/plan';
import { answerWith, Refused, renderPage } from '../../testing/render';
import { AthleteWeeksPage } from './AthleteWeeksPage';
import { WeeksPage } from './WeeksPage';

const links = { links: [] };

describe('four weeks', () => {
  it('of everybody are read at a glance', async () => {
    answerWith({ 'GET /api/me': maren, 'GET /api/weeks': classWeeks, 'GET /api/calendar-links': links });
    renderPage(<WeeksPage />);
    const row = await screen.findByRole('row', { name: /Ilse Tannow/ });
    expect(within(row).getAllByRole('img')[0]).toHaveAccessibleName(
      'Mon at home without jumps, Tue class; at most 500 contacts',
    );
    expect(row).toHaveTextContent('not accepted yet');
  });

  it('that could not be fetched are told', async () => {
    answerWith({ 'GET /api/me': maren, 'GET /api/weeks': new Refused(500, 'Our fault.') });
    renderPage(<WeeksPage />);
    expect(await screen.findByRole('alert')).toHaveTextContent('Our fault.');
  });

  it('without anybody teach the first step', async () => {
    answerWith({ 'GET /api/me': maren, 'GET /api/weeks': { ...classWeeks, rows: [] } });
    renderPage(<WeeksPage />);
    expect(await screen.findByRole('link', { name: 'add the first one' })).toBeVisible();
  });

  it('of one stand beside those that were accepted, with the reason', async () => {
    const changed = {
      ...athleteWeeks,
      acceptedWeeks: athleteWeeks.row.weeks,
      row: {
        ...athleteWeeks.row,
        acceptedBy: 'Maren Quill',
        changes: [{ code: 'plan.change_less', sentence: 'Last week came nothing' }],
      },
    };
    answerWith({
      'GET /api/me': maren,
      'GET /api/athletes/i/weeks': changed,
      'GET /api/calendar-links': links,
    });
    renderPage(<AthleteWeeksPage />, '/athletes/:id/weeks', '/athletes/i/weeks');
    expect(await screen.findByRole('note')).toHaveTextContent('Last week came nothing.');
    expect(screen.getByRole('region', { name: 'As you accepted it' })).toBeVisible();
    expect(screen.getByText(athleteWeeks.forecast?.sentence ?? '', { exact: false })).toBeVisible();
    await userEvent.click(screen.getByRole('button', { name: 'Make a private address' }));
  });
});
