/** A link by which somebody gets in. What opens it stands behind the `#`, which browsers never send on by themselves. */

export interface WayIn {
  gym: string;
  id: string;
  secret: string;
}

const PATH = '/join';

/** 192 bits: nobody tries them all. */
const SECRET_BYTES = 24;

export function newSecret(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(SECRET_BYTES));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '');
}

/**
 * @param origin where the others reach the app, like https://zumbo.local
 * @param path   where it leads
 */
export function linkOf(origin: string, { gym, id, secret }: WayIn, path = PATH): string {
  return `${origin}${path}#${gym}.${id}.${secret}`;
}

/** @returns null: it was not copied whole */
export function readWayIn(hash: string): WayIn | null {
  const [gym, id, secret, more] = hash.replace(/^#/, '').split('.');
  return gym && id && secret && more === undefined ? { gym, id, secret } : null;
}
