import { Button } from 'antd';
import { useDecideAside, type Aside } from '../../../api/ownCard';
import { Card } from '../../../design/page/Card';
import styles from '../card.module.css';

const when = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** Made before a link was taken back, and sent after: the coach decides. */
export function AsideEntries({ entries, name }: { entries: Aside[]; name: string }) {
  const decide = useDecideAside();
  if (entries.length === 0) {
    return null;
  }
  return (
    <Card strong label="Keep or drop">
      <h2>Made before the link was taken back: keep or drop?</h2>
      {decide.error !== null && <p role="alert">{decide.error.message}</p>}
      <ul className={styles.sent}>
        {entries.map((entry) => (
          <li key={entry.id}>
            <span>
              {name} {entry.sentence}{' '}
              <span className={styles.quiet}>
                {entry.work}, {when.format(new Date(entry.madeAt))}
              </span>
            </span>
            <span className={styles.acts}>
              <Button size="large" onClick={() => decide.mutate({ ...entry, keep: true })}>
                Keep
              </Button>
              <Button size="large" onClick={() => decide.mutate({ ...entry, keep: false })}>
                Drop
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </Card>
  );
}
