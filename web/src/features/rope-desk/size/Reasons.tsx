import type { Sizing } from '../../../api/ropes';
import { WhereFrom } from '../../../design/page/WhereFrom';
import styles from './Reasons.module.css';

/** Why this length, and which cable: every number with its reason. */
export function Reasons({ sizing }: { sizing: Sizing }) {
  return (
    <div className={styles.reasons}>
      <section>
        <h2>
          Why this length
          <WhereFrom of="the picture">{sizing.sources.arc}</WhereFrom>
        </h2>
        {sizing.reasons.map((reason) => (
          <p key={reason.code}>{reason.sentence}</p>
        ))}
      </section>
      {sizing.cable !== null && (
        <section>
          <h2>
            Cable: {sizing.cable.name}
            <WhereFrom of="the pull">{sizing.sources.pull}</WhereFrom>
          </h2>
          {sizing.cable.reasons.map((reason) => (
            <p key={reason.code}>{reason.sentence}</p>
          ))}
        </section>
      )}
    </div>
  );
}
