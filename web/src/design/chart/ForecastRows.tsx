import { scaleLinear } from '@visx/scale';
import { formatDuration } from '../../lib/duration';
import { colours } from '../tokens';
import { letters } from './axes';

interface Row {
  day: string;
  workout: string;
  expectedS: number;
  lowS: number;
  highS: number;
  tookS: number;
  held: boolean;
}

interface Props {
  rows: Row[];
  label: string;
  width: number;
}

const ROW = 42;

/** The band that was said, and where it ended: filled inside, a cross outside. */
export function ForecastRows({ rows, label, width }: Props) {
  const most = Math.max(...rows.flatMap(({ highS, tookS }) => [highS, tookS]));
  const x = scaleLinear({ domain: [0, most], range: [6, width - 50] });
  return (
    <svg width={width} height={rows.length * ROW + 6} role="img" aria-label={label}>
      {rows.map(({ day, workout, lowS, highS, tookS, held }, i) => (
        <g key={`${day}${String(i)}`} transform={`translate(0, ${String(i * ROW)})`}>
          <text x={6} y={14} {...letters} fill={colours.ink}>
            {`${day}  ${workout.length > 44 ? `${workout.slice(0, 43)}…` : workout}`}
          </text>
          <rect
            x={x(lowS)}
            y={22}
            width={Math.max(2, x(highS) - x(lowS))}
            height={10}
            fill={colours.pine}
            fillOpacity={0.25}
          />
          {held ? (
            <circle cx={x(tookS)} cy={27} r={5} fill={colours.pine} />
          ) : (
            <path
              d={`M${String(x(tookS) - 5)} 22 l10 10 m0 -10 l-10 10`}
              stroke={colours.brick}
              strokeWidth={2.4}
            />
          )}
          <text x={x(tookS) + 10} y={31} {...letters}>
            {formatDuration(tookS)}
          </text>
        </g>
      ))}
    </svg>
  );
}
