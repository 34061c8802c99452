import { lazy, memo, Suspense, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { useTonight, type ClassAthlete, type Tonight } from '../../api/classHour';
import { useEntryLog, withOwn } from '../../api/entries';
import { useOutbox } from '../../api/OutboxProvider';
import { useMayChange, useUnit } from '../../api/session';
import { ClassNav } from '../../design/frame/ClassNav';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { carryAthlete } from '../../lib/carried';
import { questionAbout } from '../../lib/entryWords';
import type { Entry } from '../../lib/logLine';
import { AtTheDoor } from './here/AtTheDoor';
import { Groups } from './parts/Groups';
import { HallPlan } from './parts/HallPlan';
import { LogLine } from './parts/LogLine';

// The hall first: what stands beside it, and what a touch opens, comes while nobody has touched yet.
const FirstEvening = lazy(() =>
  import('./parts/FirstEvening').then((door) => ({ default: door.FirstEvening })),
);
const Decision = lazy(() => import('./parts/Decision').then((door) => ({ default: door.Decision })));

export function ClassPage() {
  const tonight = useTonight();
  // Drawn in small pieces: a slow phone answers to a thumb meanwhile.
  const data = useDeferredValue(tonight.data);
  return (
    <Fetched
      fetch={{ ...tonight, data }}
      place="Class"
      what="the class"
      empty={{
        when: (data) => data.athletes.length === 0 && data.absent.length === 0,
        page: (data) => (
          <Workbench
            title={data.title.sentence}
            decision={
              <Suspense fallback={null}>
                <FirstEvening hall={data.athletes} />
              </Suspense>
            }
          >
            <Empty>
              The plan of the hall fills with your athletes: <Link to="/athletes/list">paste your list</Link>,
              or <Link to="/athletes/new">add the first one</Link>.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(data) => <Running tonight={data} />}
    </Fetched>
  );
}

/** Drawn anew when the class changed, not while a newer one is only on its way. */
const Running = memo(function Running({ tonight }: { tonight: Tonight }) {
  const [chosenId, choose] = useState<string | null>(null);
  const drawn = useDeferredValue(true, false);
  const { writes } = useOutbox();
  const { log, undo } = useEntryLog();
  const unit = useUnit();
  const mayChange = useMayChange();
  const chosen = tonight.athletes.find((athlete) => athlete.id === chosenId);
  const entries = withOwn(tonight.justNow, tonight.revision, writes);
  const logFor = (athlete: ClassAthlete, entry: Entry) => {
    if (athlete.logs !== null) {
      const { drill, countKind } = athlete.logs;
      const of = { athleteId: athlete.id, name: athlete.firstName, drill };
      log(of, entry, questionAbout(entry, countKind, athlete.bests));
    }
  };
  const mine = writes.filter((write) => (write.deed ?? 'log') === 'log').map((write) => write.rowId);
  const own = entries.filter((entry) => mine.includes(entry.id));
  // The last one made on this device, sent or not, fetched or not; never somebody else's.
  const undoLast = () => {
    const last = mine.flatMap((id) => own.find((entry) => entry.id === id) ?? []).at(-1);
    if (last !== undefined) {
      undo(last);
    }
  };
  const chooseAndCarry = (id: string) => {
    carryAthlete(id);
    choose(id);
  };
  return (
    <Workbench
      title={tonight.title.sentence}
      nav={<ClassNav />}
      decision={
        <Suspense fallback={null}>
          {drawn && (
            <Decision
              athletes={tonight.athletes}
              entries={entries}
              chosen={chosen}
              last={own.find((entry) => entry.athleteId === chosenId)}
              onLog={logFor}
              onUndo={undo}
              onClose={() => choose(null)}
            />
          )}
        </Suspense>
      }
    >
      <Groups groups={tonight.groups} />
      <HallPlan tonight={tonight} entries={entries} unit={unit} chosenId={chosenId} onChoose={chooseAndCarry}>
        <LogLine athletes={tonight.athletes} onLog={logFor} onUndo={undoLast} />
      </HallPlan>
      <AtTheDoor absent={tonight.absent} className={tonight.className} mayChange={mayChange} />
    </Workbench>
  );
});
