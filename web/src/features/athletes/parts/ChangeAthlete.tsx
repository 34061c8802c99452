import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useChangeAthlete, useRemoveAthlete, useRestoreAthlete, type Athlete } from '../../../api/athletes';
import { wholeExport } from '../../../api/exchange';
import { notes } from '../../../design/page/notes';
import { Empty } from '../../../design/page/StateNote';
import { newId } from '../../../lib/ids';
import type { LengthUnit } from '../../../lib/units';
import { AthleteForm } from './AthleteForm';
import { inputOf } from './athleteInput';
import { EraseForGood } from './EraseForGood';
import styles from './ChangeAthlete.module.css';

interface Props {
  athlete: Athlete;
  unit: LengthUnit;
  mayChange: boolean;
}

/** What is written down about an athlete, to be changed; and removal, with undo instead of a question. */
export function ChangeAthlete({ athlete, unit, mayChange }: Props) {
  const [mutationId] = useState(newId);
  const change = useChangeAthlete();
  if (athlete.removed) {
    return <Restore athlete={athlete} />;
  }
  if (!mayChange) {
    return <Empty>Only coaches change the details of {athlete.name}.</Empty>;
  }
  return (
    <>
      <AthleteForm
        initial={inputOf(athlete, unit)}
        action="Save the changes"
        pending={change.isPending}
        error={change.error}
        onSubmit={(input) =>
          change.mutate({ id: athlete.id, input, change: { mutationId, version: athlete.version } })
        }
      />
      <p>
        <a href={wholeExport(athlete.id)} download className="touch">
          Export all about {athlete.name}
        </a>
      </p>
      <Remove athlete={athlete} />
    </>
  );
}

function Remove({ athlete }: { athlete: Athlete }) {
  const remove = useRemoveAthlete();
  const restore = useRestoreAthlete();
  const navigate = useNavigate();
  const undo = (removed: Athlete) => {
    notes.destroy(removed.id);
    restore.mutate({ id: removed.id, change: { mutationId: newId(), version: removed.version } });
  };
  const onRemoved = (removed: Athlete) => {
    notes.open({
      key: removed.id,
      title: `${removed.name} is removed`,
      actions: <Button onClick={() => undo(removed)}>Undo</Button>,
      duration: 12,
      role: 'status',
    });
    void navigate('/athletes');
  };
  return (
    <p className={styles.remove}>
      <Button
        type="text"
        danger
        loading={remove.isPending}
        onClick={() =>
          remove.mutate(
            { id: athlete.id, change: { mutationId: newId(), version: athlete.version } },
            { onSuccess: onRemoved },
          )
        }
      >
        Remove {athlete.name}
      </Button>
      {remove.error !== null && <span role="alert"> {remove.error.message}</span>}
    </p>
  );
}

function Restore({ athlete }: { athlete: Athlete }) {
  const restore = useRestoreAthlete();
  return (
    <>
      <Empty
        action={
          <Button
            type="primary"
            loading={restore.isPending}
            onClick={() =>
              restore.mutate({ id: athlete.id, change: { mutationId: newId(), version: athlete.version } })
            }
          >
            Bring {athlete.name} back
          </Button>
        }
      >
        {athlete.name} was removed. Nothing is lost: after 90 days it is erased for good.
      </Empty>
      <EraseForGood athlete={athlete} />
    </>
  );
}
