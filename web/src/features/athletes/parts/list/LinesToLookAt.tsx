import type { AthleteList } from '../../../../api/athleteList';
import { Card } from '../../../../design/page/Card';
import styles from '../../ListPage.module.css';

interface Props {
  faults: AthleteList['faults'];
  /** Names that are here already. */
  there: AthleteList['there'];
  /** The text can be mended on the page. */
  pasted: boolean;
}

/** Lines that stay out, each with what would be right. */
export function LinesToLookAt({ faults, there, pasted }: Props) {
  return (
    <>
      {faults.length > 0 && (
        <Card label="Lines to look at">
          <h2>Lines to look at</h2>
          <ul className={styles.faults}>
            {faults.map((fault) => (
              <li key={fault.line}>{fault.sentence}</li>
            ))}
          </ul>
          <p className={styles.quiet}>
            {pasted
              ? 'Mend them in the list, or leave them out.'
              : 'Mend them in the file and choose it again, or leave them out.'}
          </p>
        </Card>
      )}
      {there.length > 0 && <p className={styles.quiet}>Here already: {there.join(', ')}.</p>}
    </>
  );
}
