import type { OwnCard } from '../../../api/ownCard';

const time = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'short' });

/** "at 18:42", "on Tuesday 24 Nov at 18:42": when the card was read. */
export function keptAt(card: OwnCard): string {
  const at = new Date(card.readAt);
  return isOfToday(card) ? `at ${time.format(at)}` : `on ${day.format(at)} at ${time.format(at)}`;
}

/** A set holds for the day it was made for. */
export function isOfToday(card: OwnCard): boolean {
  const now = new Date();
  const today = [now.getFullYear(), now.getMonth() + 1, now.getDate()].map((part) =>
    String(part).padStart(2, '0'),
  );
  return card.on === today.join('-');
}
