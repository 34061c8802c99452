import { scaleLinear, scaleTime } from '@visx/scale';
import { LinePath } from '@visx/shape';
import { colours } from '../tokens';
import { LeftAxis, letters, TimeAxis } from './axes';

export interface Beat {
  day: string;
  cadence: number;
  /** What the drill asks; null: nothing. */
  asked: number | null;
  variation: number;
  line: number | null;
  evenLine: number | null;
}

interface Props {
  beats: Beat[];
  label: string;
  until: string;
  width: number;
}

const HIGH = 150;
const LEFT = 48;
const TITLE = 22;
const BOTTOM = 28;

const at = (day: string) => new Date(`${day}T12:00:00`);

/** Jumps a minute above, how even they were below: each take a mark, the smooth line through them. */
export function BeatLines({ beats, label, until, width }: Props) {
  const days = [...beats.map(({ day }) => day), until].sort();
  const x = scaleTime({ domain: [at(days[0] ?? until), at(until)], range: [LEFT + 6, width - 24] });
  const off = beats.flatMap(({ day, cadence, asked }) =>
    asked === null ? [] : [{ day, by: cadence - asked }],
  );
  const most = Math.max(8, ...off.map(({ by }) => Math.abs(by)));
  const above = scaleLinear({
    domain: [-most, most],
    range: [TITLE + HIGH, TITLE + 8],
    nice: true,
  });
  const floor = 2 * (TITLE + HIGH);
  const below = scaleLinear({
    domain: [0, Math.max(0.1, ...beats.map(({ variation }) => variation))],
    range: [floor, TITLE + HIGH + TITLE + 8],
    nice: true,
  });
  return (
    <svg width={width} height={floor + BOTTOM} role="img" aria-label={label}>
      <text x={0} y={14} {...letters} fill={colours.ink}>
        jumps a minute above (+) or below what the drill asks
      </text>
      <LeftAxis scale={above} x={LEFT} format={(by) => (by > 0 ? `+${String(by)}` : String(by))} />
      <line
        x1={LEFT}
        x2={width - 14}
        y1={above(0)}
        y2={above(0)}
        stroke={colours.stone}
        strokeDasharray="4 4"
      />
      <text x={0} y={TITLE + HIGH + 16} {...letters} fill={colours.ink}>
        off from jump to jump, %
      </text>
      <LeftAxis scale={below} x={LEFT} format={(share) => String(Math.round(100 * share))} />
      <g fill={colours.card} strokeWidth={1.5}>
        {off.map(({ day, by }, i) => (
          <circle key={i} cx={x(at(day))} cy={above(by)} r={3.5} stroke={colours.plum} />
        ))}
        {beats.map(({ day, variation }, i) => (
          <rect
            key={i}
            x={x(at(day)) - 3}
            y={below(variation) - 3}
            width={6}
            height={6}
            stroke={colours.pine}
          />
        ))}
      </g>
      <Through
        beats={beats}
        x={(day) => x(at(day))}
        y={({ line }) => line}
        scale={above}
        ink={colours.plum}
      />
      <Through
        beats={beats}
        x={(day) => x(at(day))}
        y={({ evenLine }) => evenLine}
        scale={below}
        ink={colours.pine}
      />
      <TimeAxis scale={x} y={floor} width={width} />
    </svg>
  );
}

interface Line {
  beats: Beat[];
  x: (day: string) => number;
  y: (beat: Beat) => number | null;
  scale: (value: number) => number;
  ink: string;
}

function Through({ beats, x, y, scale, ink }: Line) {
  const data = beats.flatMap((beat) => {
    const value = y(beat);
    return value === null ? [] : [{ day: beat.day, value }];
  });
  return (
    <LinePath
      data={data}
      x={({ day }) => x(day)}
      y={({ value }) => scale(value)}
      fill="none"
      stroke={ink}
      strokeWidth={2.2}
    />
  );
}
