import { Button, Input } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useEraseAthlete, type Athlete } from '../../../api/athletes';
import { useMe } from '../../../api/session';
import { newId } from '../../../lib/ids';
import styles from './ChangeAthlete.module.css';

/** The one thing that can't be undone: it wants the name, and an owner. */
export function EraseForGood({ athlete }: { athlete: Athlete }) {
  const isOwner = useMe().data?.coach?.role === 'owner';
  const erase = useEraseAthlete();
  const navigate = useNavigate();
  const [name, setName] = useState('');
  if (!isOwner) {
    return null;
  }
  return (
    <form
      className={styles.erase}
      onSubmit={(event) => {
        event.preventDefault();
        erase.mutate(
          { id: athlete.id, name, change: { mutationId: newId(), version: athlete.version } },
          { onSuccess: () => void navigate('/athletes') },
        );
      }}
    >
      <label>
        To erase everything that is kept of {athlete.name} at once, write the name
        <Input aria-label="Name to erase" value={name} onChange={(event) => setName(event.target.value)} />
      </label>
      <Button danger htmlType="submit" loading={erase.isPending} disabled={name.trim() === ''}>
        Erase for good
      </Button>
      {erase.error !== null && <p role="alert">{erase.error.message}</p>}
    </form>
  );
}
