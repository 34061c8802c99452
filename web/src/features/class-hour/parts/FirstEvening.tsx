import { useState } from 'react';
import { Link } from 'react-router';
import { useAthletes } from '../../../api/athletes';
import type { ClassAthlete } from '../../../api/classHour';
import { usePeople } from '../../../api/ownGym';
import { useRack } from '../../../api/rack';
import { useMe, type Me } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { PlainButton } from '../../../design/page/PlainButton';
import { firstSteps } from './firstSteps';
import styles from './FirstEvening.module.css';

const ENOUGH = 'zumbo-first-evening';

/** Seven steps for a gym's first evening. It ends by itself when they are done. */
export function FirstEvening({ hall }: { hall: readonly ClassAthlete[] }) {
  const me = useMe().data;
  const [enough, setEnough] = useState(() => localStorage.getItem(ENOUGH) === me?.gym?.id);
  if (me?.gym == null || me.gym.demo || me.coach?.role !== 'owner' || enough) {
    return null;
  }
  const { gym } = me;
  return (
    <Steps
      gym={gym}
      hall={hall}
      onEnough={() => {
        localStorage.setItem(ENOUGH, gym.id);
        setEnough(true);
      }}
    />
  );
}

interface Props {
  gym: NonNullable<Me['gym']>;
  hall: readonly ClassAthlete[];
  onEnough: () => void;
}

function Steps({ gym, hall, onEnough }: Props) {
  const athletes = useAthletes().data;
  const rack = useRack().data;
  const people = usePeople(true).data;
  if (athletes === undefined || rack === undefined || people === undefined) {
    return null;
  }
  const steps = firstSteps({
    gym,
    hall,
    withoutRope: athletes.filter(({ rope }) => rope === null).length,
    shared: rack.length,
    people: people.people.length + people.links.length,
  });
  const left = steps.filter(({ done }) => !done).length;
  if (left === 0) {
    return null;
  }
  return (
    <Card label="The first evening">
      <h2>The first evening: {left === 1 ? 'one step left' : `${left} steps left`}</h2>
      <ol className={styles.steps}>
        {steps.map(({ name, to, done }) => (
          <li key={name} className={done ? styles.done : undefined}>
            {done ? `${name}: done` : <Link to={to}>{name}</Link>}
          </li>
        ))}
      </ol>
      <PlainButton quiet onClick={onEnough}>
        Do without this list
      </PlainButton>
    </Card>
  );
}
