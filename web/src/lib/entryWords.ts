import { IntlMessageFormat } from 'intl-messageformat';
import messages from './entryMessages.json';
import type { CountKind, Entry } from './logLine';

/**
 * "23, miss": an entry as the server says it, for a device that has not reached the server yet. The messages are the core's,
 * written by `zumbo:describe-entries`; a test of the server holds that they are.
 */
export function sayEntry(entry: Entry): string {
  const { reps, misses } = entry;
  return format(entry.kind === 'streak' ? (entry.end ?? 'stopped') : entry.kind, {
    reps,
    misses,
    tries: reps + misses,
  });
}

function format(code: keyof typeof messages, values: Record<string, number>): string {
  return new IntlMessageFormat(messages[code], 'en').format(values) as string;
}

/** The most of a kind of entry so far, and the count above which one asks. */
export interface Best {
  kind: Entry['kind'];
  best: number;
  askAbove: number;
}

/**
 * A count that is hardly meant, as one quiet question in the server's words: far above the best so far, or reps where
 * the drill counts seconds. Null: nothing to ask.
 */
export function questionAbout(entry: Entry, countKind: CountKind, bests: readonly Best[]): string | null {
  const { kind, reps } = entry;
  if (countKind === 'hold' && kind !== 'hold') {
    return format('ask_seconds', { reps });
  }
  const before = bests.find((one) => one.kind === kind);
  return before !== undefined && reps > before.askAbove
    ? format('ask_best', { reps, best: before.best })
    : null;
}
