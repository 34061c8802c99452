import { scaleLinear } from '@visx/scale';
import { colours } from '../tokens';
import { letters, NumberAxis } from './axes';

export interface RangeRow {
  name: string;
  share: number;
  low: number;
  high: number;
  marked: boolean;
}

interface Props {
  rows: RangeRow[];
  label: string;
  width: number;
}

const ROW = 40;

/** Shares with the interval each lies in; the one that stands out is filled. */
export function RangeRows({ rows, label, width }: Props) {
  const x = scaleLinear({ domain: [0, 100], range: [6, width - 14] });
  const height = rows.length * ROW + 34;
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      {rows.map(({ name, share, low, high, marked }, i) => (
        <g key={name} transform={`translate(0, ${String(i * ROW)})`}>
          <text x={6} y={14} {...letters} fill={colours.ink}>
            {name}
          </text>
          <line x1={x(100 * low)} x2={x(100 * high)} y1={27} y2={27} stroke={colours.pine} strokeWidth={2} />
          <circle
            cx={x(100 * share)}
            cy={27}
            r={6}
            fill={marked ? colours.pine : colours.card}
            stroke={colours.pine}
            strokeWidth={2}
          />
        </g>
      ))}
      <NumberAxis scale={x} y={height - 28} width={width} />
    </svg>
  );
}
