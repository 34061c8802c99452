import type { Athlete } from '../../../api/athletes';
import type { Today } from '../../../api/classHour';
import { useEntryLog, withOwn, type ShownEntry } from '../../../api/entries';
import { useOutbox } from '../../../api/OutboxProvider';
import { AttemptPad } from '../../../design/log/AttemptPad';
import { Card } from '../../../design/page/Card';
import { EntryList } from '../../../design/log/EntryList';
import { questionAbout } from '../../../lib/entryWords';
import { CueOfToday } from './CueOfToday';

const SHOWN = 6;

/** One cue, the pad, and what was logged of this stage, each with its quality and undo. */
export function LogSet({ athlete, today }: { athlete: Athlete; today: Today }) {
  const { writes } = useOutbox();
  const { log, judge, keep, undo } = useEntryLog();
  const name = athlete.name.split(' ')[0] ?? athlete.name;
  const entries = withOwn(today.entries, today.revision, writes).filter(
    (entry) => entry.athleteId === athlete.id,
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
          onLog={(entry) =>
            log(
              { athleteId: athlete.id, name, drill: drill.code },
              entry,
              questionAbout(entry, drill.countKind, today.bests),
            )
          }
        />
      )}
      <EntryList entries={entries.slice(0, SHOWN)} say={dated} onJudge={judge} onKeep={keep} onUndo={undo} />
    </Card>
  );
}

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** Entries of other days say which. */
function dated(entry: ShownEntry): string {
  const at = new Date(entry.at);
  return at.toDateString() === new Date().toDateString()
    ? entry.sentence
    : `${day.format(at)}: ${entry.sentence}`;
}
