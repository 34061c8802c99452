import type { Query, QueryClient } from '@tanstack/react-query';
import { ChangeFeed } from '../lib/changeFeed';
import { call, ownWrites } from './client';

/** Kinds of rows that the server tells of: what a write is about (`Subject` there). */
const KINDS = [
  'athlete',
  'attempt',
  'cable',
  'calendar',
  'card',
  'caution',
  'clock',
  'drill',
  'effort',
  'floor',
  'focus',
  'gate',
  'go',
  'gym',
  'import',
  'night',
  'note',
  'plan',
  'rack',
  'rope',
  'rope_pin',
  'run',
  'sensor',
  'sound',
  'stop',
  'way',
  'weeks',
  'workout',
] as const;
export type ChangeKind = (typeof KINDS)[number];

const EVERYTHING = 'everything';

/** What may have changed: some kinds of rows, or everything. */
export type Changed = readonly string[] | typeof EVERYTHING;

/** A whole file was brought in. */
const TOUCHES_ALL: ChangeKind = 'import';

/** Says of a query which kinds of rows its answer is made of; without it no change touches it. */
export function madeOf(...kinds: ChangeKind[]) {
  return { meta: { madeOf: kinds } };
}

/** The same of an answer that holds the judgement about today: it hangs on what was logged, noted and stopped as well. */
export function judgedOf(...kinds: ChangeKind[]) {
  return madeOf(
    ...new Set<ChangeKind>([
      ...kinds,
      'athlete',
      'rope',
      'attempt',
      'caution',
      'stop',
      'gym',
      'gate',
      'drill',
    ]),
  );
}

/** What is behind is asked for again so soon, and so often at most. */
const BEHIND_MS = 120;
const BEHIND_TIMES = 15;

/**
 * Fetches again what a change touches. A first answer that is still under way may be older than the change, and
 * `invalidateQueries` alone would take it for the new one: it is waited for, and asked again. The server may answer with what
 * was a moment ago; then it is asked until the revision is there.
 *
 * @param revision what shows it already is let be; 0: whatever it shows
 */
export async function refetchChanged(
  client: QueryClient,
  changed: Changed,
  revision = ownWrites.latest,
): Promise<void> {
  const predicate = (query: Query) => touches(query, changed) && !shows(query, revision);
  const first = client
    .getQueryCache()
    .findAll({ fetchStatus: 'fetching', predicate })
    .filter(({ state }) => state.data === undefined);
  await Promise.allSettled(first.map((query) => query.promise));
  await client.invalidateQueries({ predicate });
  await catchUp(client, revision, changed);
}

/** Asks again for what is shown and behind a revision. */
async function catchUp(
  client: QueryClient,
  revision: number,
  changed: Changed = 'everything',
): Promise<void> {
  const predicate = (query: Query) => touches(query, changed) && isBehind(query, revision);
  for (let time = 0; time < BEHIND_TIMES; time += 1) {
    if (client.getQueryCache().findAll({ type: 'active', predicate }).length === 0) {
      return;
    }
    await new Promise((done) => setTimeout(done, BEHIND_MS * (1 + Math.random())));
    await client.refetchQueries({ type: 'active', predicate });
  }
}

/** Follows what others write in the gym, and fetches what it touches. */
export function changeFeed(client: QueryClient): ChangeFeed {
  return new ChangeFeed({
    ask: (since) => call('GET', '/api/changes', { query: { since } }),
    refetch: (kinds, revision) => refetchChanged(client, kinds, revision),
    catchUp: (revision) => catchUp(client, revision),
    own: ownWrites,
  });
}

function shows(query: Query, revision: number): boolean {
  const at = revisionOf(query);
  return revision > 0 && at !== null && at >= revision;
}

function isBehind(query: Query, revision: number): boolean {
  const at = revisionOf(query);
  return at !== null && at < revision;
}

/** Some answers tell of which revision of the gym they are. */
function revisionOf({ state }: Query): number | null {
  const at = (state.data as { revision?: unknown } | null | undefined)?.revision;
  return typeof at === 'number' ? at : null;
}

function touches({ meta }: Query, changed: Changed): boolean {
  const kinds = meta?.['madeOf'];
  return (
    Array.isArray(kinds) &&
    (changed === EVERYTHING ||
      changed.some((kind) => kind === TOUCHES_ALL || !isKnown(kind)) ||
      kinds.some((kind) => changed.includes(kind as string)))
  );
}

/** A kind that this version does not know may touch anything: better a question too many than a screen that stays old. */
function isKnown(kind: string): kind is ChangeKind {
  return (KINDS as readonly string[]).includes(kind);
}
