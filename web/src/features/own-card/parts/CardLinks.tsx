import { Button } from 'antd';
import { useTakeBackCard, type OwnCards } from '../../../api/ownCard';
import { Card } from '../../../design/page/Card';
import { Empty } from '../../../design/page/StateNote';
import styles from '../card.module.css';

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });

/** Links that are out. */
export function CardLinks({ cards }: { cards: OwnCards['cards'] }) {
  const takeBack = useTakeBackCard();
  if (cards.length === 0) {
    return <Empty>No link is out. Make one, and let them photograph it.</Empty>;
  }
  return (
    <Card label="Links that are out">
      <h2>Links that are out</h2>
      {takeBack.error !== null && <p role="alert">{takeBack.error.message}</p>}
      <ul className={styles.sent}>
        {cards.map((card) => (
          <li key={card.id}>
            <span>
              <strong>{card.holder === 'guardian' ? 'Guardian' : 'Athlete'}</strong>{' '}
              <span className={styles.quiet}>
                made by {card.madeBy} on {day.format(new Date(card.madeAt))},{' '}
                {card.expired ? 'over since' : 'good until'} {day.format(new Date(card.expiresAt))}
              </span>
            </span>
            <Button size="large" onClick={() => takeBack.mutate({ id: card.id, version: card.version })}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </Card>
  );
}
