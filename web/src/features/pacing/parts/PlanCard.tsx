import type { Pacing } from '../../../api/pacing';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { SetPlanStrip } from '../../../design/beat/SetPlanStrip';
import { formatDuration } from '../../../lib/duration';
import styles from './PlanCard.module.css';

/** The plan: said, drawn, timed, and whether breaking matters at all. */
export function PlanCard({ pacing }: { pacing: Pacing }) {
  const [first] = pacing.rounds;
  return (
    <div className={styles.stack}>
      <Card label="Set plan">
        <h2>{pacing.plan.sentence}</h2>
        {first !== undefined && <SetPlanStrip plan={first.plan} />}
        <p className={styles.matter}>{pacing.matter.sentence}</p>
        <p className={styles.source}>{pacing.source.sentence}</p>
      </Card>
      {first !== undefined && <TimeCard pacing={pacing} />}
    </div>
  );
}

/** Of the plan: how long, and from where to where. */
function TimeCard({ pacing }: { pacing: Pacing }) {
  return (
    <Card label="Time">
      <Facts
        facts={[
          { name: 'Expected', value: formatDuration(pacing.expectedS) },
          {
            name: 'Eight times in ten between',
            value: `${formatDuration(pacing.p10S)} and ${formatDuration(pacing.p90S)}`,
          },
          { name: 'Without a planned break', value: formatDuration(pacing.unbrokenS) },
        ]}
      />
      {pacing.rounds.length > 1 && (
        <ol className={styles.rounds} aria-label="Rounds">
          {pacing.rounds.map((round, i) => (
            <li key={i}>
              {round.plan.join('-')} <span>{formatDuration(round.expectedS)}</span>
            </li>
          ))}
        </ol>
      )}
    </Card>
  );
}
