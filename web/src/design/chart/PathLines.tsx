import { scaleLinear } from '@visx/scale';
import { colours } from '../tokens';
import { letters } from './axes';

export interface OnPath {
  id: string;
  name: string;
  place: number;
  placeBefore: number | null;
  moving: string;
}

interface Props {
  people: OnPath[];
  stages: string[];
  label: string;
  width: number;
}

const ROW = 26;
const TOP = 34;
const RIGHT = 34;

/** Everybody on the path: where they are, and how far they came in twelve weeks. */
export function PathLines({ people, stages, label, width }: Props) {
  const left = width < 480 ? 96 : 150;
  const x = scaleLinear({ domain: [1, stages.length], range: [left, width - RIGHT] });
  const height = TOP + people.length * ROW + 8;
  // On a phone there is room for every third name.
  const every = width < 480 ? 3 : 1;
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      {stages.map((stage, i) => (
        <g key={stage}>
          <line x1={x(i + 1)} x2={x(i + 1)} y1={TOP - 8} y2={height} stroke={colours.hairline} />
          {i % every === 0 && (
            <text x={x(i + 1)} y={16} textAnchor="middle" {...letters}>
              {stage}
            </text>
          )}
        </g>
      ))}
      {people.map(({ id, name, place, placeBefore, moving }, i) => {
        const y = TOP + i * ROW + 8;
        return (
          <g key={id}>
            <text x={0} y={y + 4} {...letters} fill={moving === 'stuck' ? colours.brick : colours.ink}>
              {name}
            </text>
            {placeBefore !== null && placeBefore !== place && (
              <line x1={x(placeBefore)} x2={x(place)} y1={y} y2={y} stroke={colours.pine} strokeWidth={3} />
            )}
            <Standing x={x(place)} y={y} moving={moving} />
          </g>
        );
      })}
    </svg>
  );
}

function Standing({ x, y, moving }: { x: number; y: number; moving: string }) {
  if (moving === 'stuck') {
    return <rect x={x - 6} y={y - 6} width={12} height={12} fill={colours.brick} />;
  }
  return (
    <circle
      cx={x}
      cy={y}
      r={6}
      fill={moving === 'moves' ? colours.pine : colours.card}
      stroke={moving === 'away' ? colours.waiting : colours.pine}
      strokeWidth={2}
      strokeDasharray={moving === 'away' ? '2 2' : ''}
    />
  );
}
