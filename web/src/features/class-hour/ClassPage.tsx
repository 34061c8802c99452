import { useState } from 'react';
import { Link } from 'react-router';
import {
  entryWrite,
  useChangeAttempt,
  useTonight,
  type ClassAthlete,
  type Tonight,
} from '../../api/classHour';
import { useOutbox } from '../../api/OutboxProvider';
import { useUnit } from '../../api/session';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { FIRST_VERSION } from '../../lib/ids';
import type { Entry } from '../../lib/logLine';
import { Hall } from './parts/Hall';
import { JustNow } from './parts/JustNow';
import { LogLine } from './parts/LogLine';
import { Selected } from './parts/Selected';

export function ClassPage() {
  const tonight = useTonight();
  return (
    <Fetched
      fetch={tonight}
      place="Class"
      what="the class"
      empty={{
        when: (data) => data.athletes.length === 0,
        page: (data) => (
          <Workbench title={data.title.sentence}>
            <Empty>
              The plan of the hall fills with your athletes: <Link to="/athletes/new">add the first one</Link>
              .
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(data) => <Running tonight={data} />}
    </Fetched>
  );
}

function Running({ tonight }: { tonight: Tonight }) {
  const [chosenId, choose] = useState<string | null>(null);
  const { outbox, waiting } = useOutbox();
  const { judge, remove } = useChangeAttempt(outbox);
  const unit = useUnit();
  const chosen = tonight.athletes.find((athlete) => athlete.id === chosenId);
  // What was logged here, the newest last: Backspace takes these back first, sent or not, fetched or not.
  const [mine, setMine] = useState<string[]>([]);
  const log = (athlete: ClassAthlete, entry: Entry) => {
    if (athlete.drill === null) {
      return;
    }
    const write = entryWrite(athlete.id, athlete.firstName, athlete.drill.code, entry, new Date());
    setMine([...mine, write.rowId]);
    void outbox?.add(write);
  };
  const undo = (id: string, version: number) => {
    setMine(mine.filter((one) => one !== id));
    remove.mutate({ id, version });
  };
  const undoLast = () => {
    const last = mine.at(-1) ?? waiting.filter((write) => write.method === 'PUT').at(-1)?.rowId;
    const newest = tonight.justNow[0];
    if (last !== undefined) {
      undo(last, tonight.justNow.find((entry) => entry.id === last)?.version ?? FIRST_VERSION);
    } else if (newest !== undefined) {
      undo(newest.id, newest.version);
    }
  };
  return (
    <Workbench
      title={tonight.title.sentence}
      decisionLast={chosen === undefined}
      decision={
        <>
          {chosen !== undefined && (
            <Selected athlete={chosen} onLog={(entry) => log(chosen, entry)} onClose={() => choose(null)} />
          )}
          <JustNow
            tonight={tonight}
            waiting={waiting}
            onJudge={(attempt) => judge.mutate({ attempt, clean: !attempt.clean })}
            onUndo={undo}
            error={judge.error ?? remove.error}
          />
        </>
      }
    >
      <Hall
        stations={tonight.stations}
        athletes={tonight.athletes}
        unit={unit}
        chosenId={chosenId}
        onChoose={choose}
      />
      <LogLine athletes={tonight.athletes} onLog={log} onUndo={undoLast} />
    </Workbench>
  );
}
