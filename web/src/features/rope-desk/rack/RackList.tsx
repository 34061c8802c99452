import type { RackRope } from '../../../api/rack';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './RackList.module.css';

interface Props {
  ropes: RackRope[];
  unit: LengthUnit;
  chosen: string | undefined;
  onChoose: (id: string | undefined) => void;
}

/** The shared ropes as they hang, to one scale from zero: the shortest first, each with the tag on its handle. */
export function RackList({ ropes, unit, chosen, onChoose }: Props) {
  const lengths = ropes.map((rope) => rope.cableLengthM);
  const most = Math.max(...lengths);
  return (
    <section aria-label="The rack">
      <h2>On the rack</h2>
      {ropes.length === 0 && <p>Hang the first rope with the form, or bring a rack in from a file.</p>}
      <ul className={styles.rack}>
        {ropes.map((rope) => (
          <li key={rope.id}>
            <button
              type="button"
              aria-pressed={rope.id === chosen}
              aria-label={`${rope.tag}, ${formatLength(rope.cableLengthM, unit)}, ${stateOf(rope)}`}
              onClick={() => onChoose(rope.id === chosen ? undefined : rope.id)}
            >
              <b>{rope.tag}</b>
              <span className={styles.length}>{formatLength(rope.cableLengthM, unit)}</span>
              <i
                className={rope.inspection.safe ? styles.cable : styles.unsafe}
                style={{ width: `${(100 * rope.cableLengthM) / most}%` }}
              />
              <span className={styles.family}>{rope.familyName.split(' (')[0]}</span>
              <span className={rope.inspection.safe ? styles.state : styles.failed}>{stateOf(rope)}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function stateOf(rope: RackRope): string {
  if (!rope.inspection.safe) {
    return `failed: ${rope.inspection.found.join(', ')}`;
  }
  if (rope.keptBack) {
    return 'kept back';
  }
  if (rope.inspection.nextOn === null) {
    return 'not looked over yet';
  }
  return rope.lookDue
    ? `look it over: due since ${rope.inspection.nextOn}`
    : `look by ${rope.inspection.nextOn}`;
}
