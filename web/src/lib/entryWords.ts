import { IntlMessageFormat } from 'intl-messageformat';
import messages from './entryMessages.json';
import type { Entry } from './logLine';

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
