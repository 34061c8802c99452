import type { Trim } from '../../../api/trim';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './TrimSteps.module.css';

/** The ropes of the path below each other, to one scale: today's on top, the goal at the bottom. */
export function TrimSteps({ trim, unit }: { trim: Trim; unit: LengthUnit }) {
  const now = trim.rope?.cableLengthM ?? 0;
  // From zero: a bar that begins elsewhere would make 4 cm look like half a rope.
  const longest = Math.max(now, trim.goalM ?? 0, 0.01);
  const width = (metres: number) => `${(100 * metres) / longest}%`;
  if (trim.steps.length === 0) {
    return null;
  }
  return (
    <section aria-label="Trim path">
      <p>
        {trim.advice?.sentence}
        <WhereFrom of="the goal">{trim.sources.goal}</WhereFrom>
      </p>
      <ol className={styles.steps}>
        <li>
          <span className={styles.length}>{formatLength(now, unit)}</span>
          <i style={{ width: width(now) }} aria-hidden="true" />
          <span className={styles.gate}>
            today
            <WhereFrom of="the steps">{trim.sources.step}</WhereFrom>
          </span>
        </li>
        {trim.steps.map((step) => (
          <li key={step.cableLengthM}>
            <span className={styles.length}>{formatLength(step.cableLengthM, unit)}</span>
            <i style={{ width: width(step.cableLengthM) }} aria-hidden="true" />
            <span className={styles.gate}>
              {step.gate.sentence} {step.effect.sentence}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
