import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { useAthlete, type Athlete } from '../../../api/athletes';
import { useUnit } from '../../../api/session';
import { Cautions } from '../../../design/page/Cautions';
import { Facts } from '../../../design/page/Facts';
import { Fetched } from '../../../design/page/Fetched';
import { Workbench } from '../../../design/page/Workbench';
import { formatLength } from '../../../lib/units';
import { BenchNav } from '../BenchNav';
import styles from './BenchSubject.module.css';

interface Props {
  /** The page's name while the athlete is not known. */
  place: string;
  children: (athlete: Athlete) => ReactNode;
}

/** A page of one athlete's rope: the athlete first. Another athlete is another bench, no choice is carried over. */
export function BenchPage({ place, children }: Props) {
  const { athleteId = '' } = useParams();
  const athlete = useAthlete(athleteId);
  return (
    <Fetched fetch={athlete} place={place} what="the athlete">
      {(one) => <div key={one.id}>{children(one)}</div>}
    </Fetched>
  );
}

interface FrameProps {
  athlete: Athlete;
  title: string;
  children: ReactNode;
  decision?: ReactNode;
  /** More about the athlete, under the facts. */
  more?: ReactNode;
}

/** Athlete and the five steps at the left, picture and decision beside them. */
export function BenchFrame({ athlete, title, children, decision, more }: FrameProps) {
  const unit = useUnit();
  return (
    <Workbench
      title={title}
      nav={<BenchNav athleteId={athlete.id} />}
      subject={
        <>
          <h2 className={styles.name}>
            <Link to={`/athletes/${athlete.id}`}>{athlete.name}</Link>
          </h2>
          <Facts
            facts={[
              { name: 'Height', value: formatLength(athlete.statureM, unit) },
              { name: 'Stage', value: `${athlete.stageNumber} · ${athlete.stageName}` },
              {
                name: 'Rope',
                value: athlete.rope === null ? 'none yet' : formatLength(athlete.rope.cableLengthM, unit),
              },
            ]}
          />
          {more}
          <Cautions cautions={athlete.cautions} off={athlete.allowance.jumping !== 'all'} />
        </>
      }
      decision={decision}
    >
      {children}
    </Workbench>
  );
}
