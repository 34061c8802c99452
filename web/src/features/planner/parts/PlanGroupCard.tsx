import { Button } from 'antd';
import type { Part, PlanChange, PlanGroup } from '../../../api/practice';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { PlainButton } from '../../../design/page/PlainButton';
import { formatDuration } from '../../../lib/duration';
import styles from '../planner.module.css';

interface Props {
  group: PlanGroup;
  part: Part['part'];
  mayChange: boolean;
  busy: boolean;
  onChange: (change: PlanChange) => void;
}

/** Who does the same: what, how much of it, the one cue, and why; what was left out is one touch away. */
export function PlanGroupCard({ group, part, mayChange, busy, onChange }: Props) {
  const pin = (code: string | null) => onChange({ pin: { athletes: group.athletes, part, code } });
  return (
    <article className={styles.group} aria-label={`${group.title}: ${group.names.join(', ')}`}>
      <p className={styles.names}>{group.names.join(', ')}</p>
      {group.items.length === 0 && <h3>{group.title}</h3>}
      {group.beats.length > 0 && <BeatStrip beats={group.beats} text={group.text} small />}
      {group.dose !== '' && <p>{group.dose}</p>}
      {group.items.length > 0 && (
        <ul className={styles.items}>
          {group.items.map((item) => (
            <li key={item.title}>
              {item.title} <span>{formatDuration(item.seconds)}</span>
            </li>
          ))}
        </ul>
      )}
      {group.cue !== '' && <p className={styles.cue}>“{group.cue}”</p>}
      {group.whys.map(({ why, names }) => (
        <p key={why.sentence} className={styles.why}>
          {group.whys.length > 1 && `${names.join(', ')}: `}
          {why.sentence}.
        </p>
      ))}
      {mayChange && (
        <div className={`no-print ${styles.acts ?? ''}`}>
          <Button
            size="small"
            disabled={busy}
            onClick={() => onChange({ another: { athletes: group.athletes, part } })}
          >
            Another one
          </Button>
          {group.rule === 'pin' ? (
            <Button size="small" disabled={busy} onClick={() => pin(null)}>
              Let the plan choose
            </Button>
          ) : (
            <Button size="small" disabled={busy} onClick={() => pin(group.code)}>
              Pin
            </Button>
          )}
        </div>
      )}
      {mayChange && (
        <details className="no-print">
          <summary>Others</summary>
          <ul className={styles.others}>
            {group.easier !== null && (
              <li>
                <PlainButton quiet disabled={busy} onClick={() => pin(group.easier)}>
                  Easier: {group.easierTitle}
                </PlainButton>
              </li>
            )}
            {group.harder !== null && (
              <li>
                <PlainButton quiet disabled={busy} onClick={() => pin(group.harder)}>
                  Harder: {group.harderTitle}
                </PlainButton>
              </li>
            )}
            {group.leftOut.map((one) => (
              <li key={one.code}>
                {one.title}: {one.why}
              </li>
            ))}
          </ul>
        </details>
      )}
    </article>
  );
}
