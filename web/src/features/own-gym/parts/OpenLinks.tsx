import { Button } from 'antd';
import { useTakeBackLink, type OpenLink } from '../../../api/ownGym';
import { Card } from '../../../design/page/Card';
import { newId } from '../../../lib/ids';
import styles from '../OwnGym.module.css';

/** Links that are out and still good. */
export function OpenLinks({ links }: { links: readonly OpenLink[] }) {
  const takeBack = useTakeBackLink();
  return (
    <Card label="Links that are out">
      <h2>Links that are out</h2>
      <ul className={styles.people}>
        {links.map((link) => (
          <li key={link.id} className={styles.person}>
            <span className={styles.who}>
              <strong>
                {link.kind === 'invitation' ? 'Invitation' : 'New password'}
                {link.name !== '' && ` for ${link.name}`}
              </strong>
              <span className={styles.quiet}>
                as {link.role} · made by {link.madeBy} · good until {dayOf(link.expiresAt)}
              </span>
            </span>
            <span className={styles.acts}>
              <Button
                aria-label={`Take back the link ${link.name === '' ? `for a ${link.role}` : `for ${link.name}`}`}
                onClick={() =>
                  takeBack.mutate({ id: link.id, change: { mutationId: newId(), version: link.version } })
                }
              >
                Take back
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {takeBack.isError && <p role="alert">{takeBack.error.message}</p>}
    </Card>
  );
}

function dayOf(instant: string): string {
  return new Date(instant).toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });
}
