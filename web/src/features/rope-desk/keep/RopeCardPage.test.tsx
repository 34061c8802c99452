import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { ilse, maren, rightRope, tomasz } from '../../../testing/people';
import { answerWith, renderPage } from '../../../testing/render';
import { ownRope } from '../../../testing/ropes';
import { RopeCardPage } from './RopeCardPage';

function open(athlete: typeof ilse) {
  answerWith({
    [`GET /api/athletes/${athlete.id}`]: athlete,
    [`GET /api/ropes/${ownRope.id}`]: ownRope,
    'GET /api/me': maren,
  });
  renderPage(<RopeCardPage />, '/ropes/:athleteId/card', `/ropes/${athlete.id}/card`);
}

describe('the rope card', () => {
  it('says how the rope was sized', async () => {
    open(ilse);
    const card = await screen.findByRole('article', { name: 'Rope card of Ilse Tannow' });
    expect(card).toHaveTextContent('244 cm');
    expect(card).toHaveTextContent('Sized byarmpit, both feet');
    expect(card).toHaveTextContent('Tailswhole: can be let out');
    expect(screen.getByRole('button', { name: 'Print the card' })).toBeVisible();
    expect(screen.getByRole('region', { name: 'About this rope' })).toHaveTextContent(rightRope.stateName);
  });

  it('needs a rope', async () => {
    open(tomasz);
    expect(await screen.findByRole('link', { name: 'size one' })).toBeVisible();
  });
});
