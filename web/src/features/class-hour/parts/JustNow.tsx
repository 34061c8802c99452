import type { Attempt, Tonight } from '../../../api/classHour';
import { EntryList } from '../../../design/log/EntryList';
import type { Waiting } from '../../../lib/outboxStore';

interface Props {
  tonight: Tonight;
  waiting: Waiting[];
  onJudge: (attempt: Attempt) => void;
  onUndo: (id: string, version: number) => void;
  error: Error | null;
}

/** What was logged tonight, by anybody, the newest first. */
export function JustNow({ tonight, waiting, onJudge, onUndo, error }: Props) {
  const names = new Map(tonight.athletes.map((athlete) => [athlete.id, athlete.firstName]));
  const unsent = waiting
    .filter((write) => write.method === 'PUT')
    .map((write) => ({ id: write.rowId, said: write.said }));
  const sent = tonight.justNow.filter((entry) => !unsent.some((write) => write.id === entry.id));
  return (
    <section aria-label="Just now" style={{ marginTop: 20 }}>
      <h2>Just now</h2>
      {sent.length === 0 && unsent.length === 0 && (
        <p>Nothing logged yet tonight. Touch an athlete, or type a tag and reps below the hall.</p>
      )}
      <EntryList
        unsent={unsent}
        entries={sent.map((entry) => ({
          ...entry,
          sentence: `${names.get(entry.athleteId) ?? ''} ${entry.sentence}`,
        }))}
        onJudge={onJudge}
        onUndo={onUndo}
      />
      {error !== null && <p role="alert">{error.message}</p>}
    </section>
  );
}
