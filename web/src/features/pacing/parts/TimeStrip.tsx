import type { Pacing } from '../../../api/pacing';
import { formatDuration } from '../../../lib/duration';
import styles from '../pacing.module.css';

/** The whole workout in time, each station as long as it takes on average. */
export function TimeStrip({ strip }: { strip: Pacing['strip'] }) {
  const rounds = [...new Set(strip.map(({ round }) => round))];
  return (
    <ol className={styles.strip} aria-label="The workout in time">
      {rounds.map((round) => (
        <li key={round} aria-label={`Round ${String(round)}`}>
          {strip
            .filter((one) => one.round === round)
            .map((one, i) => (
              <span key={i} data-kind={one.kind} style={{ flexGrow: Math.max(1, one.expectedS) }}>
                <b>{one.reps > 0 ? `${String(one.reps)} ${one.name}` : one.name}</b>
                {one.sets.length > 1 && <i>{one.sets.join('-')}</i>}
                <i>{formatDuration(one.expectedS)}</i>
              </span>
            ))}
        </li>
      ))}
    </ol>
  );
}
