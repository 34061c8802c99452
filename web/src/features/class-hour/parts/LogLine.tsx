import { useState, type KeyboardEvent } from 'react';
import type { ClassAthlete } from '../../../api/classHour';
import { sayEntry } from '../../../lib/entryWords';
import { readLogLine, type Entry } from '../../../lib/logLine';
import styles from './LogLine.module.css';

interface Props {
  athletes: ClassAthlete[];
  onLog: (athlete: ClassAthlete, entry: Entry) => void;
  onUndo: () => void;
}

/** The typed line: `k23x`, Enter. Backspace on an empty line takes the last entry back. */
export function LogLine({ athletes, onLog, onUndo }: Props) {
  const [text, setText] = useState('');
  const line = readLogLine(
    text,
    new Map(athletes.map((athlete) => [athlete.tag, athlete.logs?.countKind ?? 'streak'])),
  );
  const athlete = line.state === 'empty' ? undefined : athletes.find((one) => one.tag === line.tag);
  const onKey = (event: KeyboardEvent) => {
    if (event.key === 'Enter' && line.state === 'whole' && athlete !== undefined && athlete.logs !== null) {
      onLog(athlete, line.entry);
      setText('');
    } else if (event.key === 'Backspace' && text === '') {
      onUndo();
    }
  };
  return (
    <label className={styles.line}>
      <span className={styles.prompt}>log</span>
      <input
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={onKey}
        aria-label="Log line"
        aria-describedby="log-line-hint"
        autoComplete="off"
        autoCapitalize="none"
        spellCheck={false}
        placeholder="k23x"
      />
      <span className={styles.hint} id="log-line-hint" role="status">
        {hint(line, athlete)}
      </span>
    </label>
  );
}

function hint(line: ReturnType<typeof readLogLine>, athlete: ClassAthlete | undefined): string {
  switch (line.state) {
    case 'empty':
      return 'tag, reps, x miss · . stopped · /misses';
    case 'unfinished':
      return athlete === undefined ? line.hint : `${athlete.firstName}: ${line.hint}`;
    case 'whole':
      return athlete === undefined ? '' : wholeHint(athlete, line.entry);
  }
}

/** What Enter will do; what was jumped is logged also when no more is offered today, unless their health forbids it. */
function wholeHint(athlete: ClassAthlete, entry: Entry): string {
  const said = athlete.allowance.public?.sentence ?? '';
  if (athlete.logs === null) {
    return `${athlete.firstName}: ${said}`;
  }
  const what = `${athlete.firstName}, ${sayEntry(entry)}${entry.clean ? '' : ', rough'} · Enter`;
  return athlete.drill === null ? `${said} ${what} logs it all the same` : what;
}
