import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { places } from '../../app/placeList';
import { answerWith, renderPage } from '../../testing/render';
import { HelpHere } from './HelpHere';
import { HelpPage } from './HelpPage';
import { found, helpPages } from './parts/helpPages';

describe('the help', () => {
  it('has a page for each place, and each says what it decides, how, and its limits', () => {
    const wanted = [
      ...places.map(({ path }) => path.slice(1)),
      'plan',
      'gates',
      'cards',
      'drills',
      'months',
      'gym',
    ];
    expect(helpPages.map(({ place }) => place).toSorted()).toEqual(wanted.toSorted());
    helpPages.forEach(({ title, text }) => {
      expect(title).not.toBe('');
      expect(text.match(/\*\*(What it decides|How|Its limits)\.\*\*/g)).toHaveLength(3);
    });
  });

  it('is found by words in any order', () => {
    expect(found('frames slow-motion').map(({ place }) => place)).toEqual(['rhythm']);
    expect(found('zeppelin')).toEqual([]);
  });

  it('shows the page of a place, and others by search', async () => {
    answerWith({});
    renderPage(<HelpPage />, '/gym/help/:place', '/gym/help/ropes');
    expect(screen.getByRole('heading', { level: 1, name: 'Ropes' })).toBeVisible();
    expect(screen.getByRole('group', { name: 'Ropes' })).toHaveTextContent('common practice');
    await userEvent.type(screen.getByLabelText('Search the help'), 'guest');
    expect(screen.getByRole('heading', { level: 1, name: 'One page about “guest”' })).toBeVisible();
    await userEvent.type(screen.getByLabelText('Search the help'), 'zz');
    expect(screen.getByRole('status')).toHaveTextContent('Try another word');
  });

  it('says under ? what the place one is at is for', () => {
    answerWith({});
    renderPage(<HelpHere onLeave={() => undefined} />, '/pacing', '/pacing');
    expect(screen.getByText(/In which sets the doubles of a workout are broken/)).toBeVisible();
  });
});
