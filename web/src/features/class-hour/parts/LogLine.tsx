import { useState, type KeyboardEvent } from 'react';
import type { ClassAthlete } from '../../../api/classHour';
import { sayEntry } from '../../../lib/entryWords';
import { readLogLines, type Entry, type Line } from '../../../lib/logLine';
import styles from './LogLine.module.css';

interface Props {
  athletes: ClassAthlete[];
  onLog: (athlete: ClassAthlete, entry: Entry) => void;
  onUndo: () => void;
}

/** The typed line: `k23x`, or `k,y,n20.` for several, Enter. Backspace on an empty line takes the last entry back. */
export function LogLine({ athletes, onLog, onUndo }: Props) {
  const [text, setText] = useState('');
  const lines = readLogLines(
    text,
    new Map(athletes.map((athlete) => [athlete.tag, athlete.logs?.countKind ?? 'streak'])),
  );
  const read = lines.map((line) => ({
    line,
    athlete: line.state === 'empty' ? undefined : athletes.find((one) => one.tag === line.tag),
  }));
  const onKey = (event: KeyboardEvent) => {
    const ready = read.flatMap(({ line, athlete }) =>
      line.state === 'whole' && athlete !== undefined && athlete.logs !== null
        ? [{ athlete, entry: line.entry }]
        : [],
    );
    // For all of them or for nobody: half of a line is not what was meant.
    if (event.key === 'Enter' && ready.length === read.length) {
      ready.forEach(({ athlete, entry }) => onLog(athlete, entry));
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
        {said(read)}
      </span>
    </label>
  );
}

interface Read {
  line: Line;
  athlete: ClassAthlete | undefined;
}

/** What is missing first; else what Enter will do, for everybody named. */
function said(read: readonly Read[]): string {
  const missing = read.find(({ line, athlete }) => line.state !== 'whole' || athlete?.logs === null);
  const [first] = read;
  if (missing !== undefined || first === undefined || read.length === 1) {
    const one = missing ?? first;
    return one === undefined ? '' : hint(one.line, one.athlete);
  }
  const names = read.map(({ athlete }) => athlete?.firstName ?? '').join(', ');
  return first.line.state === 'whole' ? `${names}: ${sayEntry(first.line.entry)} each · Enter` : '';
}

function hint(line: Line, athlete: ClassAthlete | undefined): string {
  switch (line.state) {
    case 'empty':
      return 'tag, reps, x miss · . stopped · /misses · k,y20. for two';
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
