import { memo } from 'react';
import type { ClassAthlete } from '../../../api/classHour';
import type { ShownEntry } from '../../../api/entries';
import type { HallFloor, Spot } from '../../../api/hallFloor';
import type { LengthUnit } from '../../../lib/units';
import { PlaceWords } from '../parts/PlaceWords';
import type { Moved } from './useMoved';
import styles from './FloorPlan.module.css';

interface Props {
  spot: Spot;
  athlete: ClassAthlete;
  /** What was logged for them last. */
  last: ShownEntry | undefined;
  floor: HallFloor;
  unit: LengthUnit;
  chosen: boolean;
  moved: Moved;
  onChoose: () => void;
}

/** One athlete in the hall: as large as the room their rope needs. */
export function FloorSpot({ spot, athlete, last, floor, unit, chosen, moved, onChoose }: Props) {
  const at = moved.of(spot);
  const warnings = warningsOf(spot);
  return (
    <button
      type="button"
      className={[
        styles.spot,
        athlete.look !== null && styles.look,
        warnings.length > 0 && styles.crowded,
        chosen && styles.chosen,
      ]
        .filter(Boolean)
        .join(' ')}
      style={{
        left: `${(100 * at.xM) / floor.widthM}%`,
        top: `${(100 * at.yM) / floor.depthM}%`,
        width: `${(200 * spot.radiusM) / floor.widthM}%`,
      }}
      aria-pressed={chosen}
      aria-describedby="floor-keys"
      onClick={() => {
        if (!moved.wasDrag()) {
          onChoose();
        }
      }}
      {...moved.handlers(spot)}
    >
      <span className={styles.inside}>
        <Words athlete={athlete} unit={unit} />
        <span className={styles.last}>
          {last === undefined
            ? openSets(athlete)
            : `${last.sentence}${openSets(athlete) === '' ? '' : `, ${openSets(athlete)}`}`}
        </span>
        {warnings.map((warning) => (
          <em key={warning}>{warning}</em>
        ))}
      </span>
    </button>
  );
}

/** Not drawn anew while somebody is moved. */
const Words = memo(PlaceWords);

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
