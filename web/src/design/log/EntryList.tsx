import { useEffect, useMemo, useRef, useState } from 'react';
import { EntryRow, type Person, type Shown } from './EntryRow';
import styles from './EntryList.module.css';

interface Props<Entry extends Shown> {
  /** The newest first. */
  entries: Entry[];
  /** How an entry is called here: with whose it is, or with its day. */
  say: (entry: Entry) => string;
  /** To whom an entry can be moved; nobody: it can't. */
  people?: Person[];
  /** Each is told how the entry is called here. */
  onJudge: (entry: Entry, said: string) => void;
  onMove?: (entry: Entry, athleteId: string, said: string) => void;
  onKeep: (entry: Entry, said: string) => void;
  onUndo: (entry: Entry, said: string) => void;
}

const NOBODY: Person[] = [];

/** What was logged, the newest first: quality by one touch, moved by two, and each can be taken back. */
export function EntryList<Entry extends Shown>({ entries, say, people = NOBODY, ...deeds }: Props<Entry>) {
  const named = useSame(people);
  const acts = useActs(entries, deeds);
  return (
    <ul className={styles.list}>
      {entries.map((entry) => (
        <EntryRow
          key={entry.id}
          entry={entry}
          said={say(entry)}
          people={named}
          onJudge={acts.onJudge}
          onMove={deeds.onMove === undefined ? null : acts.onMove}
          onKeep={acts.onKeep}
          onUndo={acts.onUndo}
        />
      ))}
    </ul>
  );
}

/** The same list as long as it names the same people. */
function useSame(people: Person[]): Person[] {
  const [kept, keep] = useState(people);
  const same =
    kept.length === people.length &&
    kept.every((one, i) => one.id === people[i]?.id && one.name === people[i].name);
  if (!same) {
    keep(people);
  }
  return same ? kept : people;
}

/** Handlers that never change, and do what the last ones given do, to the entry as it is now. */
function useActs<Entry extends Shown>(
  entries: Entry[],
  deeds: Pick<Props<Entry>, 'onJudge' | 'onMove' | 'onKeep' | 'onUndo'>,
) {
  const latest = useRef({ entries, deeds });
  useEffect(() => {
    latest.current = { entries, deeds };
  });
  return useMemo(() => {
    const on = (entry: Shown, act: (now: Entry) => void) => {
      const now = latest.current.entries.find(({ id }) => id === entry.id);
      if (now !== undefined) {
        act(now);
      }
    };
    return {
      onJudge: (entry: Shown, said: string) => on(entry, (now) => latest.current.deeds.onJudge(now, said)),
      onMove: (entry: Shown, to: string, said: string) =>
        on(entry, (now) => latest.current.deeds.onMove?.(now, to, said)),
      onKeep: (entry: Shown, said: string) => on(entry, (now) => latest.current.deeds.onKeep(now, said)),
      onUndo: (entry: Shown, said: string) => on(entry, (now) => latest.current.deeds.onUndo(now, said)),
    };
  }, []);
}
