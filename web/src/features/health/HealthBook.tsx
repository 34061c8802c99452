import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Athlete } from '../../api/athletes';
import { useCautions, useClearCaution, type NotedCaution } from '../../api/health';
import { Card } from '../../design/page/Card';
import { newId } from '../../lib/ids';
import { NoteHealth } from './NoteHealth';
import styles from './HealthBook.module.css';

/** What was noted of somebody's health, and the one way each of it is lifted. Nothing is ever taken out. */
export function HealthBook({ athlete, mayChange }: { athlete: Athlete; mayChange: boolean }) {
  const noted = useCautions(athlete.id, mayChange).data ?? [];
  return (
    <div className="no-print">
      <Card label="Health">
        <h2>Health</h2>
        <p>{noted.some((one) => one.standing) ? 'Still in force:' : 'No restrictions at the moment.'}</p>
        {noted.length > 0 && (
          <ul className={styles.list}>
            {noted.map((one) => (
              <li key={one.id} className={one.standing ? styles.standing : styles.lifted}>
                <b>{one.name}</b>
                {one.placeName !== null && `, ${one.placeName}`}
                {one.degree !== null && `, ${one.degree} of 10`}
                {one.until !== null && `, until ${one.until}`}
                <small>
                  {' '}
                  · noted {one.notedOn}
                  {one.notedBy !== '' && ` by ${one.notedBy}`}
                </small>
                {one.note !== null && one.note !== '' && <p>{one.note}</p>}
                {one.liftedBy !== null && <p>{liftedSaid(one)}</p>}
                {one.standing && mayChange && <Lift athlete={athlete} noted={one} />}
              </li>
            ))}
          </ul>
        )}
        <NoteHealth athlete={athlete} />
      </Card>
    </div>
  );
}

function Lift({ athlete, noted }: { athlete: Athlete; noted: NotedCaution }) {
  const [note, setNote] = useState('');
  const clear = useClearCaution();
  if (!noted.coachMayClear) {
    return (
      <p>
        No coach clears this.{' '}
        <Link to={`/athletes/${athlete.id}/clearance/${noted.id}`} className="touch">
          {noted.guardianStates ? 'Hand over to the guardian' : `Hand over to ${athlete.name}`}
        </Link>
      </p>
    );
  }
  return (
    <div className={styles.clear}>
      <Input
        aria-label="Why they may jump again"
        placeholder="Why they may jump again"
        maxLength={500}
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      <Button
        disabled={note.trim() === ''}
        loading={clear.isPending}
        onClick={() =>
          clear.mutate({ id: noted.id, note, change: { mutationId: newId(), version: noted.version } })
        }
      >
        Clear it
      </Button>
      {clear.error !== null && <p role="alert">{clear.error.message}</p>}
    </div>
  );
}

function liftedSaid(one: NotedCaution): string {
  return one.liftedBy === 'coach'
    ? `Cleared on ${one.liftedOn} by ${one.liftedWith}: ${one.words}`
    : `Stated on ${one.liftedOn} by the ${one.statedBy}: cleared by ${one.professional} on ${one.professionalOn}. “${one.words}” Witness: ${one.liftedWith}.`;
}
