import type { ClassAthlete } from '../../../api/classHour';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './Hall.module.css';

/** What stands at an athlete's place: name, tag and rope, what to heed, the set as a strip, the one cue. */
export function PlaceWords({ athlete, unit }: { athlete: ClassAthlete; unit: LengthUnit }) {
  const rope = athlete.ropeM === null ? 'no rope' : formatLength(athlete.ropeM, unit);
  return (
    <>
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
    </>
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
