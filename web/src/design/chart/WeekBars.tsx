import { scaleLinear, scaleTime } from '@visx/scale';
import { Bar, LinePath } from '@visx/shape';
import { curveStepAfter } from '@visx/curve';
import { colours } from '../tokens';
import { LeftAxis, TimeAxis } from './axes';

export interface Week {
  from: string;
  contacts: number;
  /** Null: there is no limit yet. */
  most: number | null;
  over: boolean;
}

interface Props {
  weeks: Week[];
  label: string;
  width: number;
}

const HEIGHT = 220;
const LEFT = 48;
const BOTTOM = 28;
const WEEK_MS = 7 * 86_400_000;

const at = (day: string) => new Date(`${day}T12:00:00`);

/** Contacts a week, or another load, under the line of what each might have held; a week that was over is filled, the others are not. */
export function WeekBars({ weeks, label, width }: Props) {
  const first = at(weeks[0]?.from ?? '2026-01-05');
  const last = at(weeks[weeks.length - 1]?.from ?? '2026-01-05');
  const x = scaleTime({ domain: [first, new Date(last.getTime() + WEEK_MS)], range: [LEFT, width - 12] });
  // Before anything is known a week may hold so much that the bars would vanish below it: that is cut off.
  const top = Math.max(
    100,
    ...weeks.map(({ contacts }) => 1.25 * contacts),
    ...weeks.slice(1).map(({ most }) => most ?? 0),
  );
  const y = scaleLinear({ domain: [0, top], range: [HEIGHT - BOTTOM, 10], nice: true, clamp: true });
  const wide = Math.max(2, (width - LEFT - 12) / weeks.length - 3);
  const limit = [...weeks, ...weeks.slice(-1).map((week) => ({ ...week, from: '' }))];
  return (
    <svg width={width} height={HEIGHT} role="img" aria-label={label}>
      <LeftAxis scale={y} x={LEFT} />
      <TimeAxis scale={x} y={HEIGHT - BOTTOM} width={width} />
      {weeks.map((week) => (
        <Bar
          key={week.from}
          x={x(at(week.from)) + 1}
          y={y(week.contacts)}
          width={wide}
          height={HEIGHT - BOTTOM - y(week.contacts)}
          fill={week.over ? colours.brick : colours.card}
          stroke={week.over ? colours.brick : colours.pine}
          strokeWidth={1.5}
        />
      ))}
      <LinePath
        data={limit}
        defined={({ most }) => most !== null}
        x={({ from }) => (from === '' ? width - 12 : x(at(from)))}
        y={({ most }) => y(most ?? 0)}
        curve={curveStepAfter}
        fill="none"
        stroke={colours.ink}
        strokeWidth={1.2}
        strokeDasharray="5 4"
      />
    </svg>
  );
}
