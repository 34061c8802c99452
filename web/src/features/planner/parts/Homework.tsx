import type { AthleteWeeks } from '../../../api/weeks';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { weekdayText } from '../../../lib/days';
import { formatDuration } from '../../../lib/duration';
import styles from '../weeks.module.css';

interface Props {
  homework: NonNullable<AthleteWeeks['homework']>;
  first: string;
}

/** The next practice at home: a few minutes alone. */
export function Homework({ homework, first }: Props) {
  return (
    <section aria-label="At home">
      <h2>
        {first} at home, {weekdayText(homework.on)}: {homework.minutes} minutes
        {homework.contacts > 0 ? `, at most ${String(homework.contacts)} contacts` : ' without jumps'}
      </h2>
      <ol className={styles.homework}>
        {homework.blocks.map((block) => (
          <li key={block.title}>
            <strong>{block.title}</strong> {formatDuration(block.seconds)}
            {block.items.length > 0 && <span> {block.items.join(', ')}</span>}
            {block.beats.length > 0 && <BeatStrip beats={block.beats} text={block.text} small />}
            {block.cue !== '' && <em>“{block.cue}”</em>}
            <small>{block.why.sentence}.</small>
          </li>
        ))}
      </ol>
    </section>
  );
}
