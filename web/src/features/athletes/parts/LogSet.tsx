import type { Athlete } from '../../../api/athletes';
import { entryWrite, useChangeAttempt, type Attempt, type Today } from '../../../api/classHour';
import { useOutbox } from '../../../api/OutboxProvider';
import { AttemptPad } from '../../../design/log/AttemptPad';
import { Card } from '../../../design/page/Card';
import { EntryList } from '../../../design/log/EntryList';
import { CueOfToday } from './CueOfToday';

const SHOWN = 6;

/** One cue, the pad, and what was logged of this stage, each with its quality and undo. */
export function LogSet({ athlete, today }: { athlete: Athlete; today: Today }) {
  const { outbox, waiting } = useOutbox();
  const { judge, remove } = useChangeAttempt(outbox);
  const name = athlete.name.split(' ')[0] ?? athlete.name;
  const unsent = waiting.filter(
    (write) => write.method === 'PUT' && (write.body as { athleteId?: string }).athleteId === athlete.id,
  );
  const { drill } = today;
  return (
    <Card strong label="One cue and the log">
      <CueOfToday athlete={athlete} today={today} />
      {drill === null ? (
        <p role="note">{today.allowance.public?.sentence}</p>
      ) : (
        <AttemptPad
          key={drill.code}
          countKind={drill.countKind}
          aim={drill.aim}
          onLog={(entry) => void outbox?.add(entryWrite(athlete.id, name, drill.code, entry, new Date()))}
        />
      )}
      <EntryList
        unsent={unsent.map((write) => ({ id: write.rowId, said: write.said }))}
        entries={[...today.entries]
          .reverse()
          .slice(0, SHOWN)
          .map((entry) => ({ ...entry, sentence: dated(entry) }))}
        onJudge={(attempt) => judge.mutate({ attempt, clean: !attempt.clean })}
        onUndo={(id, version) => remove.mutate({ id, version })}
      />
      {(judge.error ?? remove.error) !== null && <p role="alert">{(judge.error ?? remove.error)?.message}</p>}
    </Card>
  );
}

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** Entries of other days say which. */
function dated(entry: Attempt): string {
  const at = new Date(entry.at);
  return at.toDateString() === new Date().toDateString()
    ? entry.sentence
    : `${day.format(at)}: ${entry.sentence}`;
}
