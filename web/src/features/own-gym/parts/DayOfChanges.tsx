import type { Change, TrailLine } from '../../../api/trail';
import { Card } from '../../../design/page/Card';
import type { LengthUnit } from '../../../lib/units';
import { deedInWords, valueInWords } from './trail';
import styles from '../OwnGym.module.css';

/** What was changed on one day, the newest first. */
export function DayOfChanges({
  day,
  lines,
  unit,
}: {
  day: string;
  lines: readonly TrailLine[];
  unit: LengthUnit;
}) {
  const name = new Date(`${day}T12:00:00Z`).toLocaleDateString('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
  });
  return (
    <Card label={name}>
      <h2>{name}</h2>
      <ul className={styles.people}>
        {lines.map((line) => (
          <li key={line.id} className={styles.deed}>
            <span className={styles.quiet}>
              {new Date(line.at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}
              {' · '}
              {line.by === '' ? 'nobody signed in' : line.by}
              {line.fromFile && ' · from a file'}
            </span>
            <strong>{deedInWords(line)}</strong>
            {told(line).length > 0 && (
              <dl className={styles.changes}>
                {told(line).map((change) => (
                  <div key={change.what}>
                    <dt>{change.what}</dt>
                    <dd>
                      <Said change={change} isNew={line.deed === 'made' || line.deed === 'in'} unit={unit} />
                    </dd>
                  </div>
                ))}
              </dl>
            )}
          </li>
        ))}
      </ul>
    </Card>
  );
}

/** That something new has a secret goes without saying. */
function told(line: TrailLine): Change[] {
  return line.deed === 'made' ? line.changes.filter(({ kind }) => kind !== 'secret') : line.changes;
}

function Said({ change, isNew, unit }: { change: Change; isNew: boolean; unit: LengthUnit }) {
  if (change.kind === 'secret') {
    return <>changed; it is never shown</>;
  }
  const after = valueInWords(change.after, change.kind, unit);
  return isNew ? (
    <>{after}</>
  ) : (
    <>
      <del>{valueInWords(change.before, change.kind, unit)}</del> <span aria-hidden>→</span>{' '}
      <ins>{after}</ins>
    </>
  );
}
