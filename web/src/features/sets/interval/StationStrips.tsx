import type { Strip } from '../../../api/classClock';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import styles from './StationStrips.module.css';

/** What is done in the intervals, each once: its beat, and what to expect of one. */
export function StationStrips({ strips }: { strips: Strip[] }) {
  return (
    <ul className={styles.strips} aria-label="What is done">
      {strips.map((strip, i) => (
        <li key={i}>
          <strong>{strip.name ?? 'Their own jumps'}</strong>
          {strip.beats.length > 0 && <BeatStrip beats={strip.beats} text={strip.text} small />}
          <span>{expected(strip)}</span>
        </li>
      ))}
    </ul>
  );
}

function expected({ contacts, contactsPerMinute, seconds, targetS }: Strip): string {
  if (contactsPerMinute === 0) {
    return `${seconds} s, no contacts`;
  }
  const done = targetS === null || targetS > seconds ? '' : `, done after about ${Math.round(targetS)} s`;
  return `${seconds} s at ${Math.round(contactsPerMinute)} a minute: about ${Math.round(contacts)}${done}`;
}
