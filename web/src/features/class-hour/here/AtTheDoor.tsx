import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { useAddGuest, useMark, type Absent } from '../../../api/attendance';
import { PlainButton } from '../../../design/page/PlainButton';
import { newId } from '../../../lib/ids';
import styles from './AtTheDoor.module.css';

/** Who is not in the hall and may come, and guests. Without Ant Design: it stands below the hall. */
export function AtTheDoor({
  absent,
  className,
  mayChange,
}: {
  absent: readonly Absent[];
  /** What the class is called; null: none is said. */
  className: string | null;
  mayChange: boolean;
}) {
  const mark = useMark();
  if (absent.length === 0 && className === null && !mayChange) {
    return null;
  }
  return (
    <section className={styles.door} aria-label="At the door">
      {className !== null && <p className={styles.tonight}>{className}</p>}
      {absent.length > 0 && (
        <ul className={styles.absent} aria-label="Not in the hall">
          {absent.map((one) => (
            <li key={one.id}>
              <span>
                <strong>{one.firstName}</strong> {one.why}
              </span>
              {mayChange && (
                <PlainButton
                  aria-label={`${one.firstName} is here`}
                  onClick={() => mark.mutate({ athleteId: one.id, mark: 'here' })}
                >
                  Here
                </PlainButton>
              )}
            </li>
          ))}
        </ul>
      )}
      {mark.isError && <p role="alert">{mark.error.message}</p>}
      {mayChange && (
        <div className={styles.more}>
          <GuestForm />
          <Link to="/class/notes" className="touch">
            Notes of the evening
          </Link>
        </div>
      )}
    </section>
  );
}

/** A name and a height are enough. */
function GuestForm() {
  const [open, setOpen] = useState(false);
  // One id for one guest, however often the form is sent.
  const [id, setId] = useState(newId);
  const add = useAddGuest();
  const send = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const typed = new FormData(event.currentTarget);
    const read = (name: string) => {
      const value = typed.get(name);
      return typeof value === 'string' ? value : '';
    };
    add.mutate(
      { id, guest: { name: read('name'), height: read('height') } },
      {
        onSuccess: () => {
          setId(newId());
          setOpen(false);
        },
      },
    );
  };
  if (!open) {
    return <PlainButton onClick={() => setOpen(true)}>A guest tonight</PlainButton>;
  }
  return (
    <form className={styles.guest} onSubmit={send} aria-label="A guest tonight">
      <label>
        Name
        <input name="name" required maxLength={80} autoComplete="off" autoFocus />
      </label>
      <label>
        Height
        <input name="height" required autoComplete="off" />
      </label>
      <PlainButton type="submit" disabled={add.isPending}>
        Add the guest
      </PlainButton>
      <PlainButton quiet onClick={() => setOpen(false)}>
        Cancel
      </PlainButton>
      {add.isError && <p role="alert">{add.error.message}</p>}
    </form>
  );
}
