import { useState } from 'react';
import { Link } from 'react-router';
import {
  entryWrite,
  FIRST_VERSION,
  useChangeAttempt,
  useTonight,
  type ClassAthlete,
  type Tonight,
} from '../../api/classHour';
import { useOutbox } from '../../api/OutboxProvider';
import { useUnit } from '../../api/session';
import { Fetched } from '../../design/Fetched';
import { Empty } from '../../design/StateNote';
import { Workbench } from '../../design/Workbench';
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
  // Sent, but perhaps not fetched yet: Backspace must take back this one and not the one before.
  const [mine, setMine] = useState<string | null>(null);
  const log = (athlete: ClassAthlete, entry: Entry) => {
    const write = entryWrite(athlete.id, athlete.firstName, athlete.drill.code, entry, new Date());
    setMine(write.rowId);
    void outbox?.add(write);
  };
  const undo = (id: string, version: number) => {
    setMine(null);
    remove.mutate({ id, version });
  };
  const newest = tonight.justNow[0];
  const unsent = waiting.filter((write) => write.method === 'PUT' && write.refused === undefined).at(-1);
  const undoLast = () => {
    if (unsent !== undefined) {
      undo(unsent.rowId, FIRST_VERSION);
    } else if (mine !== null && !tonight.justNow.some((entry) => entry.id === mine)) {
      undo(mine, FIRST_VERSION);
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
      <Hall athletes={tonight.athletes} unit={unit} chosenId={chosenId} onChoose={choose} />
      <LogLine athletes={tonight.athletes} onLog={log} onUndo={undoLast} />
    </Workbench>
  );
}
