import { scaleLinear } from '@visx/scale';
import { Area, LinePath } from '@visx/shape';
import { curveStepAfter } from '@visx/curve';
import { colours } from '../tokens';
import { LeftAxis, letters, NumberAxis } from './axes';

interface Point {
  reps: number;
  share: number;
  low: number;
  high: number;
}

export interface StepCurve {
  name: string;
  points: Point[];
}

interface Props {
  curves: StepCurve[];
  label: string;
  width: number;
}

const HEIGHT = 260;
const LEFT = 40;
const BOTTOM = 28;
const TOP = 10;

/** The first curve is the one that counts: full ink and its band; the ones before it are thinner and dashed, each its own way. */
const looks = [
  { stroke: colours.plum, dash: '', wide: 2.5 },
  { stroke: colours.pine, dash: '6 4', wide: 1.8 },
  { stroke: colours.stone, dash: '2 4', wide: 1.8 },
];

/** How far goes reach, step by step, with the band of the newest. */
export function StepCurves({ curves, label, width }: Props) {
  const most = Math.max(10, ...curves.flatMap(({ points }) => points.map(({ reps }) => reps)));
  const x = scaleLinear({ domain: [0, most], range: [LEFT, width - 12], nice: true });
  const y = scaleLinear({ domain: [0, 1], range: [HEIGHT - BOTTOM, TOP] });
  const [end] = x.domain().slice(-1);
  const whole = (points: Point[]): Point[] => {
    const last = points[points.length - 1];
    const begin = { reps: 0, share: 1, low: 1, high: 1 };
    return last === undefined ? [begin] : [begin, ...points, { ...last, reps: end ?? last.reps }];
  };
  return (
    <svg width={width} height={HEIGHT + 22} role="img" aria-label={label}>
      <LeftAxis
        scale={y}
        x={LEFT}
        format={(share) => `${String(Math.round(share * 10))} of 10`.replace(' of 10', '')}
      />
      <NumberAxis scale={x} y={HEIGHT - BOTTOM} width={width} />
      {curves.slice(0, 1).map(({ name, points }) => (
        <Area
          key={name}
          data={whole(points)}
          x={({ reps }) => x(reps)}
          y0={({ low }) => y(low)}
          y1={({ high }) => y(high)}
          curve={curveStepAfter}
          fill={looks[0]?.stroke ?? colours.plum}
          fillOpacity={0.14}
        />
      ))}
      {curves.map(({ name, points }, i) => (
        <LinePath
          key={name}
          data={whole(points)}
          x={({ reps }) => x(reps)}
          y={({ share }) => y(share)}
          curve={curveStepAfter}
          fill="none"
          stroke={looks[i]?.stroke ?? colours.stone}
          strokeWidth={looks[i]?.wide ?? 1.8}
          strokeDasharray={looks[i]?.dash ?? ''}
        />
      ))}
      {curves.map(({ name }, i) => (
        <g
          key={name}
          transform={`translate(${String(LEFT + i * Math.min(150, (width - LEFT) / 3))}, ${String(HEIGHT + 12)})`}
        >
          <line
            x2={26}
            y1={-4}
            y2={-4}
            stroke={looks[i]?.stroke ?? colours.stone}
            strokeWidth={looks[i]?.wide ?? 1.8}
            strokeDasharray={looks[i]?.dash ?? ''}
          />
          <text x={32} {...letters} fill={colours.ink}>
            {name}
          </text>
        </g>
      ))}
    </svg>
  );
}
