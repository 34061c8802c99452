import type { ClassClock, Programme } from '../../../api/classClock';
import { PhaseShape } from '../../../design/beat/PhaseShape';
import { RunningStrip } from './RunningStrip';
import { standingOf } from './standing';
import styles from './Wall.module.css';

interface Props {
  clock: ClassClock;
  programme: Programme;
  nowMs: number;
}

/** One programme on the wall. */
export function WallRow({ clock, programme, nowMs }: Props) {
  const at = standingOf(clock, programme, nowMs);
  const names = programme.people.map((one) => one.firstName);
  return (
    <li className={styles.row} data-tone={at.tone}>
      <div className={styles.strip}>
        {at.strip === null ? (
          <span className={styles.words}>{at.what}</span>
        ) : (
          <RunningStrip strip={at.strip} atS={at.atS} />
        )}
      </div>
      <p className={styles.words}>
        <span className={styles.who}>
          {names.length === 0 || names.length > 3 ? programme.title : names.join(' ')}
        </span>
        {at.strip !== null && <span className={styles.what}>{at.what}</span>}
        <span className={styles.phase}>
          <span className={styles.shape}>
            <PhaseShape tone={at.tone} />
          </span>
          <span className={styles.word}>{at.word}</span>
        </span>
      </p>
      <p
        className={styles.left}
        role="timer"
        data-elapsed={at.elapsedS.toFixed(3)}
        aria-label={`Time left, ${programme.title}`}
      >
        {at.left}
      </p>
    </li>
  );
}
