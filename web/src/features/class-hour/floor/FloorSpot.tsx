import { memo } from 'react';
import type { ClassAthlete } from '../../../api/classHour';
import type { Spot } from '../../../api/hallFloor';
import type { LengthUnit } from '../../../lib/units';
import { PlaceWords } from '../parts/PlaceWords';
import styles from './FloorPlan.module.css';

interface Props {
  spot: Spot;
  athlete: ClassAthlete;
  /** What was logged for them last; empty: nothing. */
  last: string;
  /** Of the hall's width and depth. */
  xShare: number;
  yShare: number;
  widthShare: number;
  unit: LengthUnit;
  chosen: boolean;
}

/** One athlete in the hall: as large as the room their rope needs. Drawn anew only when something of theirs changed. */
export const FloorSpot = memo(function FloorSpot({
  spot,
  athlete,
  last,
  xShare,
  yShare,
  widthShare,
  unit,
  chosen,
}: Props) {
  const warnings = warningsOf(spot);
  const open = openSets(athlete);
  return (
    <button
      type="button"
      data-athlete={spot.athleteId}
      className={[
        styles.spot,
        athlete.look !== null && styles.look,
        warnings.length > 0 && styles.crowded,
        chosen && styles.chosen,
      ]
        .filter(Boolean)
        .join(' ')}
      style={{ left: percent(xShare), top: percent(yShare), width: percent(widthShare) }}
      aria-pressed={chosen}
      aria-describedby="floor-keys"
    >
      <span className={styles.inside}>
        <PlaceWords athlete={athlete} unit={unit} />
        <span className={styles.last}>{[last, open].filter((one) => one !== '').join(', ')}</span>
        {warnings.map((warning) => (
          <em key={warning}>{warning}</em>
        ))}
      </span>
    </button>
  );
});

function percent(share: number): string {
  return `${Number((100 * share).toFixed(3))}%`;
}

function openSets({ setsOpen }: ClassAthlete): string {
  if (setsOpen === null) {
    return '';
  }
  return setsOpen === 0 ? 'done' : `${setsOpen} ${setsOpen === 1 ? 'set' : 'sets'} open`;
}

function warningsOf(spot: Spot): string[] {
  return [
    ...(spot.crowds.length > 0 ? [`too near ${spot.crowds.join(', ')}`] : []),
    ...(spot.overTheEdge ? ['too near the edge'] : []),
    ...(spot.ceilingFits === false ? ['ceiling too low'] : []),
  ];
}
