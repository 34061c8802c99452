import type { Way } from '../../../api/pacing';
import { Card } from '../../../design/page/Card';
import { formatDuration } from '../../../lib/duration';
import styles from './Ways.module.css';

const names: Record<Way['scaling'], string> = {
  full: 'All doubles',
  'first-then-singles': 'Half doubles, then singles',
  fewer: 'Half the doubles',
  singles: 'Singles, two for one',
};

/** Ways to scale, side by side: what each takes, and what it leaves to practise. */
export function Ways({ ways }: { ways: Way[] }) {
  return (
    <Card strong label="Ways to scale">
      <h2>Side by side</h2>
      <ul className={styles.ways}>
        {ways.map((way) => (
          <li key={way.scaling} className={way.recommended ? styles.recommended : undefined}>
            <strong>{names[way.scaling]}</strong>
            <span className={styles.time}>{formatDuration(way.expectedS)}</span>
            <span className={styles.detail}>
              {way.doubles} doubles practised · {way.contacts} contacts
              {way.recommended && <em> recommended</em>}
            </span>
          </li>
        ))}
      </ul>
      <p className={styles.detail}>
        What is scaled out stays untrained: keep some doubles whenever the workout keeps moving.
      </p>
    </Card>
  );
}
