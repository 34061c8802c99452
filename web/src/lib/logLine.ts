/** What is counted in a drill; decides what two numbers mean. */
export type CountKind = 'streak' | 'tries' | 'hold';

export interface Entry {
  kind: 'streak' | 'sum' | 'tries' | 'hold';
  reps: number;
  misses: number;
  end: 'miss' | 'stopped' | 'time' | null;
  clean: boolean;
}

export type Line =
  | { state: 'empty' }
  /** So far so good, but not whole; or wrong: the hint says what would be right. */
  | { state: 'unfinished'; hint: string; tag: string | null }
  | { state: 'whole'; tag: string; entry: Entry };

const ends = { x: 'miss', '.': 'stopped', t: 'time' } as const;

/**
 * Reads a typed log line: tag, reps, end, without spaces. `k23x` a miss after 23, `k23.` stopped on purpose, `k23t`
 * until time, `k140/6` 140 reps and 6 misses in the set, for tries `k8/10` 8 clean of 10; a last `r` says rough.
 */
export function readLogLine(text: string, countKindOf: ReadonlyMap<string, CountKind>): Line {
  const line = text.trim().toLowerCase();
  if (line === '') {
    return { state: 'empty' };
  }
  const tag = [...countKindOf.keys()]
    .filter((one) => line.startsWith(one))
    .sort((a, b) => b.length - a.length)[0];
  if (tag === undefined) {
    return { state: 'unfinished', hint: 'begin with an athlete’s tag, like k23x', tag: null };
  }
  const rest = line.slice(tag.length);
  const found = /^(\d{1,4})(?:([x.t])|\/(\d{1,4}))(r?)$/.exec(rest);
  if (found === null) {
    return { state: 'unfinished', hint: hintFor(rest, countKindOf.get(tag) ?? 'streak'), tag };
  }
  const [, reps = '', end, second, rough] = found;
  const clean = rough !== 'r';
  if (end !== undefined) {
    return {
      state: 'whole',
      tag,
      entry: { kind: 'streak', reps: Number(reps), misses: 0, end: ends[end as keyof typeof ends], clean },
    };
  }
  return summed(tag, countKindOf.get(tag) ?? 'streak', Number(reps), Number(second), clean);
}

/**
 * The same for several at once, their tags parted by commas: `k,y,n20.` is 20, stopped, for three. Each is read by what their
 * own drill counts.
 */
export function readLogLines(text: string, countKindOf: ReadonlyMap<string, CountKind>): Line[] {
  const parts = text.split(',').map((part) => part.trim());
  const last = parts.at(-1) ?? '';
  const counted = /\d.*$/.exec(last)?.[0] ?? '';
  return parts.map((part, i) => readLogLine(i < parts.length - 1 ? `${part}${counted}` : part, countKindOf));
}

function summed(tag: string, countKind: CountKind, first: number, second: number, clean: boolean): Line {
  if (countKind === 'tries') {
    return second < first || second === 0
      ? { state: 'unfinished', hint: `${first} clean of at least ${Math.max(first, 1)} tries`, tag }
      : {
          state: 'whole',
          tag,
          entry: { kind: 'tries', reps: first, misses: second - first, end: null, clean },
        };
  }
  return {
    state: 'whole',
    tag,
    entry: { kind: countKind === 'hold' ? 'hold' : 'sum', reps: first, misses: second, end: null, clean },
  };
}

function hintFor(rest: string, countKind: CountKind): string {
  if (rest !== '' && !/^\d{1,4}(\/\d{0,4})?$/.test(rest)) {
    return 'tag, reps, then x miss, . stopped, t time, or /misses';
  }
  return {
    streak: 'reps, then x miss, . stopped, t time, or /misses for a whole set',
    tries: 'clean ones / tries, like 8/10',
    hold: 'seconds / misses, like 30/1',
  }[countKind];
}
