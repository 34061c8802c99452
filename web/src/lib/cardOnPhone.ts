import { readWayIn, type WayIn } from './wayIn';

/** Where the link of an athlete's own card leads. */
export const CARD_PATH = '/card';

const LINK = 'zumbo-card-link';
const CARD = 'zumbo-card';

/** The link in the address, else the one this phone was opened with before; null: there is none, or it was not copied whole. */
export function cardLink(hash: string): WayIn | null {
  const given = readWayIn(hash);
  if (given !== null) {
    localStorage.setItem(LINK, JSON.stringify(given));
    return given;
  }
  const kept = localStorage.getItem(LINK);
  return kept === null ? null : (JSON.parse(kept) as WayIn);
}

/** What the card showed last, so that it opens without network; of another link it is never shown. */
export function keepCard(link: WayIn, card: unknown): void {
  localStorage.setItem(CARD, JSON.stringify({ id: link.id, card }));
}

export function keptCard<Card>(link: WayIn): Card | undefined {
  const found = localStorage.getItem(CARD);
  const kept = found === null ? null : (JSON.parse(found) as { id: string; card: Card });
  return kept?.id === link.id ? kept.card : undefined;
}

/** The link has ended: nothing that it showed stays. */
export function forgetCard(): void {
  localStorage.removeItem(CARD);
}

/** This phone is somebody else's now. */
export function forgetCardLink(): void {
  forgetCard();
  localStorage.removeItem(LINK);
}
