import { Link } from 'react-router';
import type { Pacing } from '../../../api/pacing';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { formatDuration } from '../../../lib/duration';
import { timesInHundred } from './said';
import { BendStrip } from './BendStrip';
import { MissChances } from './MissChances';
import { Speeds } from './Speeds';
import { TimeStrip } from './TimeStrip';
import styles from '../pacing.module.css';

interface Props {
  pacing: Pacing;
  onSets: (sets: string) => void;
  refused: string | null;
}

/** The plan: said, drawn, bent, timed, and whether breaking matters at all. */
export function PlanCard({ pacing, onSets, refused }: Props) {
  const [first] = pacing.rounds;
  return (
    <div className={styles.stack}>
      <Card label="Set plan">
        <h2>{pacing.plan.sentence}</h2>
        {pacing.bend !== null && first !== undefined && (
          <BendStrip bend={pacing.bend} bestS={first.expectedS} onSets={onSets} refused={refused} />
        )}
        <p className={styles.matter}>{pacing.matter.sentence}</p>
        <p className={styles.source}>{pacing.source.sentence}</p>
        {first !== undefined && <Prices first={first} />}
        <Speeds speeds={pacing.speeds} />
        <Link className="touch" to={`/rhythm/explorer?athlete=${pacing.athleteId}`}>
          What the rope asks at each height
        </Link>
      </Card>
      <TimeCard pacing={pacing} />
    </div>
  );
}

function Prices({ first }: { first: Pacing['rounds'][number] }) {
  const price = (seconds: number | null) =>
    seconds === null ? 'can’t be' : `${(seconds - first.expectedS).toFixed(1)} s more`;
  return (
    <details>
      <summary>What each choice costs</summary>
      <Facts
        facts={[
          { name: 'First sets as good as the best', value: `${String(first.from)} to ${String(first.to)}` },
          {
            name: 'Unbroken',
            value: `${timesInHundred(first.chanceUnbroken)}; trying it costs ${price(first.unbrokenS)}`,
          },
          { name: 'One break fewer', value: price(first.oneFewerS) },
          { name: 'One break more', value: price(first.oneMoreS) },
        ]}
      />
      <MissChances chances={first.missAt} />
    </details>
  );
}

/** Of the workout: how long, and from where to where. */
function TimeCard({ pacing }: { pacing: Pacing }) {
  const facts = [{ name: 'Expected', value: formatDuration(pacing.expectedS) }];
  if (pacing.p90S - pacing.p10S >= 1) {
    facts.push({
      name: 'Eight times in ten between',
      value: `${formatDuration(pacing.p10S)} and ${formatDuration(pacing.p90S)}`,
    });
  }
  if (pacing.roundsFit !== null) {
    facts.push({
      name: 'Rounds that fit',
      value: `about ${pacing.roundsFit.toFixed(1)}; eight times in ten ${String(pacing.roundsP10)} to ${String(pacing.roundsP90)} whole ones`,
    });
  }
  if (pacing.chanceInCap !== null) {
    facts.push({ name: 'Done in the cap', value: timesInHundred(pacing.chanceInCap) });
  }
  if (pacing.fixedS > 0) {
    facts.push({ name: 'Without the rope', value: formatDuration(pacing.fixedS) });
  }
  if (pacing.unbrokenS > pacing.expectedS + 0.5) {
    facts.push({ name: 'Without a planned break', value: formatDuration(pacing.unbrokenS) });
  }
  return (
    <Card label="Time">
      <Facts facts={facts} />
      {pacing.chanceMinutes !== null && (
        <p>
          Done before the next minute begins:{' '}
          {pacing.chanceMinutes.map((chance) => String(Math.round(100 * chance))).join(', ')} times in 100.
        </p>
      )}
      <TimeStrip strip={pacing.strip} />
    </Card>
  );
}
