import { Button } from 'antd';
import { useState } from 'react';
import { useAthletes } from '../../../api/athletes';
import { useToday } from '../../../api/classHour';
import { useEntryLog } from '../../../api/entries';
import type { TakeReport } from '../../../api/rhythm';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { carriedAthlete, carryAthlete } from '../../../lib/carried';
import { questionAbout, sayEntry } from '../../../lib/entryWords';
import { AtThumb } from '../../../design/page/AtThumb';

import styles from './LogTake.module.css';

interface Props {
  take: TakeReport;
  onLogged?: () => void;
}

/** Whose take it was, and one touch into the log; the outbox sends it. */
export function LogTake({ take, onLogged }: Props) {
  const athletes = useAthletes().data ?? [];
  const [chosen, choose] = useState(carriedAthlete);
  const athlete = athletes.find((one) => one.id === chosen);
  // Nobody is guessed: whose it was is chosen once, and stays for the next take.
  const remember = (id: string) => {
    carryAthlete(id);
    choose(id);
  };
  return (
    <div className={styles.log}>
      <PersonPicker
        label="Whose take"
        people={athletes}
        {...(athlete === undefined ? {} : { value: athlete.id })}
        onChange={remember}
      />
      {athlete !== undefined && (
        <LogFor
          key={athlete.id}
          athlete={athlete}
          take={take}
          {...(onLogged === undefined ? {} : { onLogged })}
        />
      )}
    </div>
  );
}

/** Fewer jumps have no beat that is worth keeping. */
const LEAST_JUMPS = 5;

function beatOf({ jumps, cadencePerMin, variation }: TakeReport) {
  return jumps < LEAST_JUMPS || cadencePerMin === null || variation === null
    ? null
    : { cadencePerMin, variation };
}

function LogFor({ athlete, take, onLogged }: Props & { athlete: { id: string; name: string } }) {
  const today = useToday(athlete.id).data;
  const { log: logEntry } = useEntryLog();
  const [logged, setLogged] = useState(false);
  if (today === undefined) {
    return null;
  }
  const { drill } = today;
  if (drill === null) {
    return <p role="note">{today.allowance.public?.sentence}</p>;
  }
  const counted = take.entries.find((one) => one.countKind === drill.countKind);
  if (counted === undefined) {
    return null;
  }
  const { kind, reps, misses, end } = counted;
  const entry = { kind, reps, misses, end, clean: true };
  const nothing = reps + misses === 0 && end !== 'miss';
  const name = athlete.name.split(' ')[0] ?? athlete.name;
  const log = () => {
    const of = { athleteId: athlete.id, name, drill: drill.code };
    logEntry(of, entry, questionAbout(entry, drill.countKind, today.bests), beatOf(take));
    setLogged(true);
    onLogged?.();
  };
  return (
    <>
      <AtThumb>
        <Button type="primary" disabled={logged || nothing} onClick={log}>
          {logged ? 'Logged' : `Log ${sayEntry(entry)} for ${name}`}
        </Button>
      </AtThumb>
      <p className={styles.drill}>as {drill.title}</p>
    </>
  );
}
