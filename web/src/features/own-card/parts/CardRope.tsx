import type { OwnCard } from '../../../api/ownCard';
import { dayText } from '../../../lib/days';
import { formatLength } from '../../../lib/units';
import { keptAt } from './keptAt';
import styles from '../card.module.css';

/** The rope as it is known; a length that was only kept says so: it may have been trimmed since. */
export function CardRope({ card, kept }: { card: OwnCard; kept: boolean }) {
  const { rope } = card;
  if (rope === null) {
    return <p>You have no rope of your own here yet: ask your coach for one of the gym’s.</p>;
  }
  return (
    <>
      <h2>Your rope</h2>
      <p className={styles.rope}>{formatLength(rope.cableM, card.unit)} of cable</p>
      {kept && (
        <p role="note" className={styles.kept}>
          As it was known {keptAt(card)}. If somebody has trimmed it since, ask before you jump.
        </p>
      )}
      <p>
        {rope.verdict.reasons[0]?.sentence}{' '}
        <span className={styles.quiet}>So since {dayText(rope.since)}.</span>
      </p>
    </>
  );
}
