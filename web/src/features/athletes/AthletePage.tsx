import { useParams } from 'react-router';
import { useAthlete, type Athlete } from '../../api/athletes';
import { useToday } from '../../api/classHour';
import { useMayChange, useUnit } from '../../api/session';
import { PathNav } from '../../design/frame/PathNav';
import { Fetched } from '../../design/page/Fetched';
import { Failed } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import type { LengthUnit } from '../../lib/units';
import { HealthBook } from '../health';
import { AthleteSubject } from './parts/AthleteSubject';
import { ChangeAthlete } from './parts/ChangeAthlete';
import { GateCard } from './parts/GateCard';
import { LogSet } from './parts/LogSet';
import { TodaysSet } from './parts/TodaysSet';
import styles from './AthletePage.module.css';

export function AthletePage() {
  const { id = '' } = useParams();
  const athlete = useAthlete(id);
  const unit = useUnit();
  const mayChange = useMayChange();
  return (
    <Fetched fetch={athlete} place="Athlete" what="the athlete">
      {(known) => <Known athlete={known} unit={unit} mayChange={mayChange} />}
    </Fetched>
  );
}

function Known({ athlete, unit, mayChange }: { athlete: Athlete; unit: LengthUnit; mayChange: boolean }) {
  const today = useToday(athlete.id);
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  const outlook = today.data?.gate?.outlook.sentence;
  const written = <ChangeAthlete key={athlete.version} athlete={athlete} unit={unit} mayChange={mayChange} />;
  return (
    <Workbench
      title={
        athlete.allowance.jumping !== 'all' && !athlete.removed
          ? `${first}: no jumps today`
          : outlook === undefined
            ? athlete.name
            : `${first}: ${outlook.charAt(0).toLowerCase()}${outlook.slice(1)}`
      }
      nav={<PathNav athleteId={athlete.id} />}
      subject={<AthleteSubject athlete={athlete} unit={unit} />}
      decisionFirst
      decisionPrints
      decision={
        today.data !== undefined && !athlete.removed && <LogSet athlete={athlete} today={today.data} />
      }
    >
      {athlete.removed ? (
        written
      ) : (
        <div className={styles.stack}>
          {today.isError && <Failed error={today.error} onRetry={() => void today.refetch()} />}
          {today.data !== undefined && (
            <>
              <TodaysSet key={today.data.drill?.code ?? 'none'} today={today.data} name={first} />
              <GateCard athlete={athlete} today={today.data} />
            </>
          )}
          <HealthBook athlete={athlete} mayChange={mayChange} />
          <details className={styles.written}>
            <summary>Details</summary>
            {written}
          </details>
        </div>
      )}
    </Workbench>
  );
}
