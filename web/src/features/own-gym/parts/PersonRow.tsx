import { Button, Select } from 'antd';
import { useState } from 'react';
import { useChangeRole, useOfferReset, useRemovePerson, type Person } from '../../../api/ownGym';
import { newId } from '../../../lib/ids';
import { newSecret } from '../../../lib/wayIn';
import type { Shown } from './LinkShown';
import { ROLES } from './roles';
import styles from '../OwnGym.module.css';

interface Props {
  person: Person;
  gym: string;
  you: boolean;
  onReset: (made: Shown) => void;
}

/** Somebody who may sign in, and what an owner may do about it. */
export function PersonRow({ person, gym, you, onReset }: Props) {
  const change = useChangeRole();
  const remove = useRemovePerson();
  const offer = useOfferReset();
  const [sure, setSure] = useState(false);
  const seen = () => ({ mutationId: newId(), version: person.version });
  const reset = () => {
    const link = { gym, id: newId(), secret: newSecret() };
    offer.mutate(
      { id: link.id, coachId: person.id, secret: link.secret },
      { onSuccess: () => onReset({ link, kind: 'reset', whom: person.name }) },
    );
  };
  const error = change.error ?? remove.error ?? offer.error;
  return (
    <li className={styles.person} aria-label={person.name}>
      <span className={styles.who}>
        <strong>
          {person.name}
          {you && ' (you)'}
        </strong>
        <span className={styles.quiet}>{person.email}</span>
      </span>
      <span className={styles.acts}>
        <Select
          aria-label={`Role of ${person.name}`}
          value={person.role}
          loading={change.isPending}
          options={ROLES.map((role) => ({ value: role, label: role }))}
          onChange={(role) => change.mutate({ id: person.id, role, change: seen() })}
          style={{ width: 110 }}
        />
        {!you && (
          <Button loading={offer.isPending} onClick={reset}>
            Forgot password
          </Button>
        )}
        {sure ? (
          <>
            <Button
              danger
              loading={remove.isPending}
              onClick={() => remove.mutate({ id: person.id, change: seen() })}
            >
              {you ? 'Leave the gym for good' : `Remove ${person.name}`}
            </Button>
            <Button onClick={() => setSure(false)}>Keep</Button>
          </>
        ) : (
          <Button onClick={() => setSure(true)}>{you ? 'Leave …' : 'Remove …'}</Button>
        )}
      </span>
      {error !== null && <p role="alert">{error.message}</p>}
    </li>
  );
}
