import type { Change, TrailLine } from '../../../api/trail';
import { formatFine, formatLong, type LengthUnit } from '../../../lib/units';

/** What was done, before what it was done to. */
const DEEDS: Record<TrailLine['deed'], string> = {
  made: 'New',
  changed: 'Changed',
  removed: 'Taken away',
  back: 'Brought back',
  deleted: 'Deleted for good',
  in: 'Brought in',
};

/** Further than any hall is high: shown in metres. */
const LONG_M = 2.5;

/** What stands between a row and whose it is: a rope is of somebody, an athlete is somebody. */
const JOINED: Record<string, string> = {
  rope: 'of ',
  focus: 'of ',
  caution: 'of ',
  'entry in the log': 'of ',
  'end of jumping for the day': 'for ',
  'pin of a shared rope': 'for ',
  link: 'for ',
};

/** "Changed: rope of Femi". */
export function deedInWords(line: TrailLine): string {
  const name = line.name === '' || line.what === 'settings' ? '' : ` ${JOINED[line.what] ?? ''}${line.name}`;
  return `${DEEDS[line.deed]}: ${line.what}${name}`;
}

/** What stood there, as this gym reads it. */
export function valueInWords(value: string | null, kind: Change['kind'], unit: LengthUnit): string {
  if (value === null) {
    return 'nothing';
  }
  switch (kind) {
    case 'length':
      return Number(value) > LONG_M ? formatLong(Number(value), unit) : formatFine(Number(value), unit);
    case 'thickness':
      return `${(Number(value) * 1000).toFixed(1)} mm`;
    case 'day':
      return new Date(`${value}T12:00:00Z`).toLocaleDateString('en-GB', {
        day: 'numeric',
        month: 'short',
        year: 'numeric',
      });
    case 'instant':
      return new Date(value).toLocaleString('en-GB', {
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
      });
    default:
      return value;
  }
}

/** The lines of each day, in the order in which they come. */
export function byDay(lines: readonly TrailLine[]): { day: string; lines: TrailLine[] }[] {
  const days: { day: string; lines: TrailLine[] }[] = [];
  for (const line of lines) {
    const last = days.at(-1);
    if (last?.day === line.localDay) {
      last.lines.push(line);
    } else {
      days.push({ day: line.localDay, lines: [line] });
    }
  }
  return days;
}
