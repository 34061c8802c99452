import type { Pacing } from '../../../api/pacing';
import { Card } from '../../../design/page/Card';
import { formatDuration } from '../../../lib/duration';
import { saysLeg } from '../../../lib/pacer';
import styles from './legs.module.css';

/** What the pacer calls, round by round: each leg with the time on the clock when it ought to be over. */
export function PlannedLegs({ legs }: { legs: Pacing['legs'] }) {
  const rounds = [...new Set(legs.map(({ round }) => round))];
  return (
    <Card label="Legs">
      <h2>What the pacer calls</h2>
      <ol className={styles.rounds} aria-label="Legs">
        {rounds.map((round) => (
          <li key={round}>
            <h3>Round {round}</h3>
            <ol className={styles.legs}>
              {legs
                .filter((leg) => leg.round === round)
                .map((leg, i) => (
                  <li key={i} data-kind={leg.kind}>
                    <b>{saysLeg(leg)}</b>
                    <span>by {formatDuration(leg.endS)}</span>
                    {leg.pauseS >= 1 && <small>after {Math.round(leg.pauseS)} s</small>}
                  </li>
                ))}
            </ol>
          </li>
        ))}
      </ol>
    </Card>
  );
}
