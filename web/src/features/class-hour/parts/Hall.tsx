import type { ClassAthlete, Station } from '../../../api/classHour';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { formatLength, type LengthUnit } from '../../../lib/units';
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

function Place({ athlete, unit, chosen, onChoose }: PlaceProps) {
  const rope = athlete.ropeM === null ? 'no rope' : formatLength(athlete.ropeM, unit);
  return (
    <button
      type="button"
      className={[styles.place, athlete.look !== null && styles.look, chosen && styles.chosen]
        .filter(Boolean)
        .join(' ')}
      aria-pressed={chosen}
      onClick={onChoose}
    >
      <span className={styles.name}>{athlete.firstName}</span>
      <span className={styles.rope}>
        <kbd>{athlete.tag.toUpperCase()}</kbd> {rope}
        {athlete.guest && <em> guest</em>}
        {athlete.caution && <em> caution</em>}
        {athlete.beforeJumping !== null && <em> {ropeWord(athlete)}</em>}
      </span>
      {athlete.drill === null ? (
        <span className={styles.cue}>{athlete.allowance.public?.sentence}</span>
      ) : (
        <>
          <span className={styles.strip}>
            <BeatStrip beats={athlete.drill.beats.slice(0, 6)} text={athlete.drill.text} small />
          </span>
          <span className={styles.cue}>{athlete.drill.cue}</span>
        </>
      )}
    </button>
  );
}

/** What comes before the first jump: the rope, or a height that is due. */
function ropeWord(athlete: ClassAthlete): string {
  switch (athlete.ropeState) {
    case 'outgrown':
    case 'too-short':
    case 'not-sound':
      return `rope: ${athlete.ropeNext}`;
    default:
      return athlete.beforeJumping?.code.startsWith('inspect.') === true ? 'look over' : 'measure';
  }
}
