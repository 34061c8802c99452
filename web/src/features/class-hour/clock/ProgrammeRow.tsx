import type { ClassClock, Programme } from '../../../api/classClock';
import { PhaseShape } from '../../../design/beat/PhaseShape';
import { RunningStrip } from './RunningStrip';
import { standingOf } from './standing';
import styles from './ProgrammeRow.module.css';

interface Props {
  clock: ClassClock;
  programme: Programme;
  nowMs: number;
}

/** One programme under the clock: its strip with the moving head, the phase by shape and word, the time beside it. */
export function ProgrammeRow({ clock, programme, nowMs }: Props) {
  const at = standingOf(clock, programme, nowMs);
  const names = programme.people.map((one) => one.firstName).join(', ');
  return (
    <li className={styles.row} data-tone={at.tone}>
      <p className={styles.who}>
        <strong>{programme.title}</strong>
        {names !== '' && <span>{names}</span>}
      </p>
      <div className={styles.strip}>
        {at.strip === null ? (
          <span className={styles.what}>{at.what}</span>
        ) : (
          <RunningStrip strip={at.strip} atS={at.atS} />
        )}
      </div>
      <p className={styles.phase}>
        <span className={styles.shape}>
          <PhaseShape tone={at.tone} />
        </span>
        <span className={styles.word}>{at.word}</span>
        <span className={styles.what}>{at.strip === null ? '' : at.what}</span>
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
