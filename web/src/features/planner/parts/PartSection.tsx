import type { Part, PlanChange } from '../../../api/practice';
import { PlainButton } from '../../../design/page/PlainButton';
import { formatDuration } from '../../../lib/duration';
import { PlanGroupCard } from './PlanGroupCard';
import styles from '../planner.module.css';

interface Props {
  part: Part;
  mayChange: boolean;
  busy: boolean;
  onChange: (change: PlanChange) => void;
  /** Another length for this part; null: its length is what is left over. */
  onSeconds: ((seconds: number) => void) | null;
}

const STEP_S = 30;

/** A part of the practice: who does what in it. */
export function PartSection({ part, mayChange, busy, onChange, onSeconds }: Props) {
  const chooses = part.part === 'focus' || part.part === 'main' || part.part === 'finish';
  return (
    <section className={styles.part} aria-label={part.title}>
      <h2>
        {part.title}
        <small>
          {formatDuration(part.seconds)}
          {part.set && ', as you set it'}
        </small>
        {mayChange && onSeconds !== null && (
          <span className={`no-print ${styles.lengths ?? ''}`}>
            <PlainButton
              disabled={busy || part.seconds <= STEP_S}
              aria-label={`${part.title}: ${String(STEP_S)} s shorter`}
              onClick={() => onSeconds(part.seconds - STEP_S)}
            >
              −{STEP_S} s
            </PlainButton>
            <PlainButton
              disabled={busy}
              aria-label={`${part.title}: ${String(STEP_S)} s longer`}
              onClick={() => onSeconds(part.seconds + STEP_S)}
            >
              +{STEP_S} s
            </PlainButton>
          </span>
        )}
      </h2>
      <ul className={chooses && part.groups.length > 1 ? styles.groups : styles.wide}>
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
