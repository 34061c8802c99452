import type { Part, PlanChange } from '../../../api/practice';
import { formatDuration } from '../../../lib/duration';
import { PlanGroupCard } from './PlanGroupCard';
import styles from '../planner.module.css';

interface Props {
  part: Part;
  mayChange: boolean;
  busy: boolean;
  onChange: (change: PlanChange) => void;
}

/** A part of the practice: who does what in it. */
export function PartSection({ part, mayChange, busy, onChange }: Props) {
  const chooses = part.part === 'focus' || part.part === 'main' || part.part === 'finish';
  return (
    <section className={styles.part} aria-label={part.title}>
      <h2>
        {part.title}
        <small>
          {formatDuration(part.seconds)}
          {part.set && ', as you set it'}
        </small>
      </h2>
      <ul className={chooses ? styles.groups : styles.wide}>
        {part.groups.map((group) => (
          <li key={`${group.code} ${group.athletes.join(' ')}`}>
            <PlanGroupCard
              group={group}
              part={part.part}
              mayChange={mayChange && chooses}
              busy={busy}
              onChange={onChange}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
