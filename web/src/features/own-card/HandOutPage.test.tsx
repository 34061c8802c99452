import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { OwnCards } from '../../api/ownCard';
import { ilse, maren } from '../../testing/people';
import { answerWith, renderPage } from '../../testing/render';
import { HandOutPage } from './HandOutPage';

const none: OwnCards = { cards: [], aside: [], minor: false, gymId: 'gym' };
const out: OwnCards['cards'][number] = {
  id: 'c',
  version: 1,
  holder: 'athlete',
  madeBy: 'Maren',
  madeAt: '2026-11-20T18:00:00Z',
  expiresAt: '2027-02-18T18:00:00Z',
  expired: false,
};

function render(cards: OwnCards, more = {}) {
  const sent = answerWith({
    'GET /api/me': maren,
    [`GET /api/athletes/${ilse.id}`]: ilse,
    [`GET /api/athletes/${ilse.id}/own-cards`]: cards,
    ...more,
  });
  renderPage(<HandOutPage />, '/athletes/:id/card', `/athletes/${ilse.id}/card`);
  return sent;
}

describe('handing out a card', () => {
  it('makes a link that is shown once, as text and as a code', async () => {
    const sent = render(none, { 'PUT /api/own-cards/{id}': { ...none, cards: [out] } });
    await userEvent.click(await screen.findByRole('button', { name: 'Make the link' }));
    const address = await screen.findByText(/\/card#gym\.[0-9a-f-]{36}\.[\w-]{32}$/);
    const made = sent.find((one) => one.method === 'PUT');
    const { secret, ...body } = made?.body as Record<string, unknown>;
    expect(body).toEqual({ athleteId: ilse.id, holder: 'athlete', days: 90 });
    expect(address.textContent?.endsWith(`.${String(secret)}`)).toBe(true);
    expect(screen.getByRole('group', { name: 'The link' }).querySelector('svg')).not.toBeNull();
  });

  it('offers the guardian’s first for somebody under 18', async () => {
    render({ ...none, minor: true });
    expect(await screen.findByRole('radio', { name: 'Guardian' })).toBeChecked();
  });

  it('takes a link back, and asks about what came after', async () => {
    const aside = [
      { id: 'e', version: 1, madeAt: '2026-11-24T18:00:00Z', work: 'Fifty calm', sentence: '30, stopped' },
    ];
    const sent = render(
      { ...none, cards: [out], aside },
      { 'DELETE /api/own-cards/c': none, 'POST /api/asides/e/keep': none },
    );
    await userEvent.click(await screen.findByRole('button', { name: 'Take back' }));
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
    await expect
      .poll(() => sent.filter((one) => one.method !== 'GET').map((one) => `${one.method} ${one.path}`))
      .toEqual(['DELETE /api/own-cards/c', 'POST /api/asides/e/keep']);
  });
});
