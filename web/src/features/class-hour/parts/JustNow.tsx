import type { ClassAthlete } from '../../../api/classHour';
import { useEntryLog, type ShownEntry } from '../../../api/entries';
import { EntryList } from '../../../design/log/EntryList';

interface Props {
  athletes: ClassAthlete[];
  entries: ShownEntry[];
}

/** What was logged tonight, by anybody, the newest first. */
export function JustNow({ athletes, entries }: Props) {
  const { judge, move, keep, undo } = useEntryLog();
  const people = athletes.map(({ id, firstName }) => ({ id, name: firstName }));
  const nameOf = (id: string) => people.find((one) => one.id === id)?.name ?? '';
  return (
    <section aria-label="Just now" style={{ marginTop: 20 }}>
      <h2>Just now</h2>
      {entries.length === 0 && (
        <p>Nothing logged yet tonight. Touch an athlete, or type a tag and reps below the hall.</p>
      )}
      <EntryList
        entries={entries}
        say={(entry) => `${nameOf(entry.athleteId)} ${entry.sentence}`}
        people={people}
        onJudge={judge}
        onMove={move}
        onKeep={keep}
        onUndo={undo}
      />
    </section>
  );
}
