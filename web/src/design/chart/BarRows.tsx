import { scaleLinear } from '@visx/scale';
import { colours } from '../tokens';
import { letters } from './axes';

interface Props {
  rows: { name: string; value: number }[];
  label: string;
  width: number;
}

const ROW = 26;

/** Who is in an answer, and how much. */
export function BarRows({ rows, label, width }: Props) {
  const left = Math.min(160, width * 0.4);
  const x = scaleLinear({
    domain: [0, Math.max(1e-9, ...rows.map(({ value }) => value))],
    range: [0, width - left - 16],
  });
  return (
    <svg width={width} height={rows.length * ROW + 8} role="img" aria-label={label}>
      {rows.map(({ name, value }, i) => (
        <g key={name} transform={`translate(0, ${String(i * ROW)})`}>
          <text x={0} y={17} {...letters} fill={colours.ink}>
            {name}
          </text>
          <rect x={left} y={6} width={Math.max(2, x(value))} height={14} fill={colours.pine} />
        </g>
      ))}
    </svg>
  );
}
