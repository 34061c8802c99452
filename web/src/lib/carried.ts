const KEY = 'zumbo-athlete';

/** Whoever was chosen last, in any place, is who the next place is about; for as long as the tab is open. */
export function carryAthlete(id: string): void {
  sessionStorage.setItem(KEY, id);
}

export function carriedAthlete(): string | null {
  return sessionStorage.getItem(KEY);
}

/** Whom an address is about: `/athletes/{id}`, `/ropes/{id}/…` or `?athlete={id}`. */
export function athleteOf(pathname: string, search: string): string | null {
  const named = /^\/(?:athletes|ropes)\/([0-9a-f-]{36})(?:\/|$)/.exec(pathname)?.[1];
  return named ?? new URLSearchParams(search).get('athlete');
}
