import type { Plan } from '../../../api/practice';
import styles from '../planner.module.css';

/** What the plan asks of each: contacts, what gives, and when it ends early. */
export function PlanPeople({ people }: { people: Plan['people'] }) {
  return (
    <section className={styles.asked} aria-label="What it asks of each">
      <h2>Contacts, at most</h2>
      <ul className={styles.people}>
        {people.map((one) => (
          <li key={one.id}>
            <strong>{one.firstName}</strong>{' '}
            {one.contacts > 0 &&
              `${String(one.contacts)} of ${String(one.contactsLeft)} that are left today. `}
            {one.notes.map((note) => `${note.sentence}. `)}
            {one.stopAt !== null && `${one.stopAt.sentence}.`}
          </li>
        ))}
      </ul>
    </section>
  );
}
