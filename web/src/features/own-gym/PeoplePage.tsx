import { useState } from 'react';
import { useMe } from '../../api/session';
import { usePeople } from '../../api/ownGym';
import { Card } from '../../design/page/Card';
import { GymNav } from '../../design/frame/GymNav';
import { Failed, Loading } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { InviteForm } from './parts/InviteForm';
import { LinkShown, type Shown } from './parts/LinkShown';
import { OpenLinks } from './parts/OpenLinks';
import { PersonRow } from './parts/PersonRow';
import { ROLES, roleInWords } from './parts/roles';
import styles from './OwnGym.module.css';

/** Who may sign in to the gym, and how others come in. */
export function PeoplePage() {
  const me = useMe().data;
  const owner = me?.coach?.role === 'owner';
  const people = usePeople(owner);
  const [shown, setShown] = useState<Shown | null>(null);
  const gym = me?.gym;
  if (gym === undefined || gym === null) {
    return <Loading what="your gym" />;
  }
  return (
    <Workbench
      title={titleOf(gym.name, people.data?.people.length)}
      nav={<GymNav />}
      decisionFirst
      decision={
        owner && (
          <>
            {shown !== null && <LinkShown key={shown.link.id} shown={shown} onDone={() => setShown(null)} />}
            <InviteForm gym={gym.id} onMade={setShown} />
          </>
        )
      }
    >
      <div className={styles.stack}>
        {!owner && <p>Owners invite others and say what each may do.</p>}
        {people.isError && <Failed error={people.error} onRetry={() => void people.refetch()} />}
        {owner && people.isPending && <Loading what="who is in" />}
        {people.data !== undefined && (
          <>
            <Card label="Who may sign in">
              <ul className={styles.people}>
                {people.data.people.map((person) => (
                  <PersonRow
                    key={person.id}
                    person={person}
                    gym={gym.id}
                    you={person.id === me?.coach?.id}
                    onReset={setShown}
                  />
                ))}
              </ul>
            </Card>
            {people.data.links.length > 0 && <OpenLinks links={people.data.links} />}
          </>
        )}
        <Card label="What each may do">
          <h2>What each may do</h2>
          <dl className={styles.may}>
            {ROLES.map((role) => (
              <div key={role}>
                <dt>{role}</dt>
                <dd>{roleInWords(role)}</dd>
              </div>
            ))}
          </dl>
        </Card>
      </div>
    </Workbench>
  );
}

function titleOf(gym: string, people: number | undefined): string {
  if (people === undefined) {
    return `Who may sign in to ${gym}`;
  }
  return people === 1 ? `You alone may sign in to ${gym}` : `${people} people may sign in to ${gym}`;
}
