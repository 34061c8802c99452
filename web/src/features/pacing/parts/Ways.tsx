import type { Way } from '../../../api/pacing';
import { Card } from '../../../design/page/Card';
import { formatDuration } from '../../../lib/duration';
import styles from './Ways.module.css';

const names: Record<Way['scaling'], string> = {
  full: 'All doubles',
  'first-then-singles': 'Half doubles, then singles',
  fewer: 'Half the doubles',
  tries: 'A minute of tries each round',
  singles: 'Singles, two for one',
};

function missesOf(misses: number): string {
  const count = Math.round(misses);
  return count === 0 ? 'hardly a miss' : `about ${count} ${count === 1 ? 'miss' : 'misses'}`;
}

function unbrokenOf(chance: number): string {
  const hundredths = Math.round(100 * chance);
  return hundredths === 0 ? 'hardly ever unbroken' : `unbroken ${hundredths} times in 100`;
}

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
              {way.p90S > way.p10S && `${formatDuration(way.p10S)} to ${formatDuration(way.p90S)} · `}
              {way.doubles} doubles practised · {way.contacts} contacts · {missesOf(way.misses)}
              {way.chanceUnbroken !== null && way.doubles > 0 && ` · ${unbrokenOf(way.chanceUnbroken)}`}
              {way.recommended && <em> recommended</em>}
            </span>
          </li>
        ))}
      </ul>
      <p className={styles.detail}>
        What is left out is not trained: keep some doubles whenever the workout keeps moving.
      </p>
    </Card>
  );
}
