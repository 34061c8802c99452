import { scaleLinear, scaleTime } from '@visx/scale';
import { LinePath } from '@visx/shape';
import { colours } from '../tokens';
import { LeftAxis, letters, TimeAxis } from './axes';

interface Session {
  day: string;
  best: number | null;
  doubles: boolean;
}

export interface Mark {
  day: string;
  kind: string;
  text: string;
}

interface Props {
  sessions: Session[];
  marks: Mark[];
  /** Rows of marks, from above: kind and what it is called. */
  rows: { kinds: string[]; name: string }[];
  label: string;
  until: string;
  width: number;
}

const GOES = 190;
const ROW = 24;
const LEFT = 64;

const at = (day: string) => new Date(`${day}T12:00:00`);

/** Goes above, what happened beside them below, on one axis of time. */
export function StoryLine({ sessions, marks, rows, label, until, width }: Props) {
  const days = [...sessions.map(({ day }) => day), ...marks.map(({ day }) => day), until].sort();
  const x = scaleTime({ domain: [at(days[0] ?? until), at(until)], range: [LEFT, width - 14] });
  const counted = sessions.filter((one): one is Session & { best: number } => one.best !== null);
  const y = scaleLinear({
    domain: [0, Math.max(10, ...counted.map(({ best }) => best))],
    range: [GOES - 6, 12],
    nice: true,
  });
  const height = GOES + rows.length * ROW + 30;
  const runs = [counted.filter(({ doubles }) => !doubles), counted.filter(({ doubles }) => doubles)];
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      <LeftAxis scale={y} x={LEFT} />
      {runs.map((run, i) => (
        <g
          key={i}
          stroke={i === 0 ? colours.pine : colours.plum}
          fill={i === 0 ? colours.pine : colours.plum}
        >
          <LinePath
            data={run}
            x={({ day }) => x(at(day))}
            y={({ best }) => y(best)}
            fill="none"
            strokeWidth={1.2}
            strokeOpacity={0.5}
          />
          {run.map((one) =>
            one.doubles ? (
              <circle key={one.day} cx={x(at(one.day))} cy={y(one.best)} r={3} stroke="none" />
            ) : (
              <rect
                key={one.day}
                x={x(at(one.day)) - 2.5}
                y={y(one.best) - 2.5}
                width={5}
                height={5}
                stroke="none"
              />
            ),
          )}
        </g>
      ))}
      {rows.map(({ kinds, name }, i) => (
        <g key={name} transform={`translate(0, ${String(GOES + 10 + i * ROW)})`}>
          <line x1={LEFT} x2={width - 14} y1={8} y2={8} stroke={colours.hairline} />
          <text x={0} y={12} {...letters}>
            {name}
          </text>
          {marks
            .filter(({ kind }) => kinds.includes(kind))
            .map(({ day, kind, text }, n) => (
              <g key={`${day}${kind}${String(n)}`} transform={`translate(${String(x(at(day)))}, 8)`}>
                <title>{`${day}: ${text}`}</title>
                <Shape kind={kind} />
              </g>
            ))}
        </g>
      ))}
      <TimeAxis scale={x} y={height - 26} width={width} />
    </svg>
  );
}

/** Each kind has a shape of its own: colour alone tells nobody anything. */
function Shape({ kind }: { kind: string }) {
  switch (kind) {
    case 'stage':
      return <path d="M0 -7 L7 5 L-7 5 Z" fill={colours.ink} />;
    case 'rope':
      return <path d="M-6 -5 Q0 8 6 -5" fill="none" stroke={colours.ink} strokeWidth={2} />;
    case 'height':
      return <path d="M0 -6 V6 M-4 -6 H4 M-4 6 H4" stroke={colours.ink} strokeWidth={1.8} fill="none" />;
    case 'pain':
      return <path d="M-5 -5 L5 5 M5 -5 L-5 5" stroke={colours.brick} strokeWidth={2.4} fill="none" />;
    case 'cleared':
      return <path d="M-5 0 L-1 5 L6 -5" stroke={colours.pine} strokeWidth={2.2} fill="none" />;
    case 'stop':
      return <rect x={-5} y={-5} width={10} height={10} fill="none" stroke={colours.brick} strokeWidth={2} />;
    default:
      return <path d="M-3 -5 V5 M3 -5 V5" stroke={colours.stone} strokeWidth={2} fill="none" />;
  }
}
