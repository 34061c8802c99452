import type { ClassAthlete, Station } from '../../../api/classHour';
import type { LengthUnit } from '../../../lib/units';
import { PlaceWords } from './PlaceWords';
import styles from './Hall.module.css';

interface Props {
  stations: Station[];
  athletes: ClassAthlete[];
  unit: LengthUnit;
  chosenId: string | null;
  onChoose: (id: string) => void;
}

/** The plan of the hall: everybody at their station, with rope, set and one cue. */
export function Hall({ stations, athletes, unit, chosenId, onChoose }: Props) {
  return (
    <div className={styles.hall}>
      {stations.map((station) => {
        const here = athletes.filter((athlete) => athlete.station === station.phase);
        return (
          here.length > 0 && (
            <section key={station.name} className={styles.station} aria-label={station.name}>
              <h2>{station.name}</h2>
              <div className={styles.places}>
                {here.map((athlete) => (
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
          )
        );
      })}
    </div>
  );
}

interface PlaceProps {
  athlete: ClassAthlete;
  unit: LengthUnit;
  chosen: boolean;
  onChoose: () => void;
}

/** One athlete's place, as wide as its words. */
export function Place({ athlete, unit, chosen, onChoose }: PlaceProps) {
  return (
    <button
      type="button"
      className={[styles.place, athlete.look !== null && styles.look, chosen && styles.chosen]
        .filter(Boolean)
        .join(' ')}
      aria-pressed={chosen}
      onClick={onChoose}
    >
      <PlaceWords athlete={athlete} unit={unit} />
    </button>
  );
}
