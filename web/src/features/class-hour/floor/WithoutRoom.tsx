import type { ClassAthlete } from '../../../api/classHour';
import type { HallFloor } from '../../../api/hallFloor';
import type { LengthUnit } from '../../../lib/units';
import { Place } from '../parts/Hall';
import styles from './FloorPlan.module.css';

interface Props {
  floor: HallFloor;
  athletes: readonly ClassAthlete[];
  unit: LengthUnit;
  chosenId: string | null;
  onChoose: (id: string) => void;
}

/** Who has no room in the hall: below the plan, with all that stands at a place. */
export function WithoutRoom({ floor, athletes, unit, chosenId, onChoose }: Props) {
  const placed = new Set(floor.spots.flatMap((spot) => (spot.xM === null ? [] : [spot.athleteId])));
  // Somebody who just came stands here until the plan has them.
  const without = athletes.filter(({ id }) => !placed.has(id));
  return without.length === 0 ? null : (
    <section aria-label="No room">
      <p className={styles.without}>No room to jump: let them take turns, or move somebody.</p>
      <div className={styles.waiting}>
        {without.map((athlete) => (
          <Place
            key={athlete.id}
            athlete={athlete}
            unit={unit}
            chosen={athlete.id === chosenId}
            onChoose={() => onChoose(athlete.id)}
          />
        ))}
      </div>
    </section>
  );
}
