import type { PatternInTime } from '../../../api/rhythm';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { useBeatHead } from '../../../design/beat/useBeatHead';
import type { BeatHead } from '../../../lib/beatHead';
import { syllableAt } from '../../../lib/syllables';
import styles from './BeatPage.module.css';

interface Props {
  pattern: PatternInTime;
  /** Jumps a minute at this moment. */
  now: number;
  head: BeatHead;
  /** Said with a double. */
  words: string;
}

/** The beat as it runs: it lights up at each landing, and says the syllable. */
export function BeatStage({ pattern, now, head, words }: Props) {
  const landing = useBeatHead(head, (at) => at !== null && pattern.beats.some((one) => isNear(one.atS, at)));
  const syllable = useBeatHead(head, (at) => syllableAt(pattern.beats, at, words));
  return (
    <div className={landing ? styles.flash : styles.stage}>
      <p className={styles.cadence}>
        {now} <small>jumps a minute</small>
        {syllable !== null && <span className={styles.syllable}>{syllable}</span>}
      </p>
      <BeatStrip beats={pattern.beats} text={pattern.text} head={head} />
      <p>
        {countOf(pattern.jumps, 'jump')}, {countOf(pattern.turns, 'turn')}
      </p>
      {pattern.chance !== null && <p>{pattern.chance.sentence}</p>}
    </div>
  );
}

function countOf(count: number, what: string): string {
  return `${count.toLocaleString('en-GB')} ${count === 1 ? what : `${what}s`}`;
}

/** So long a landing lights the stage. */
function isNear(landingS: number, headS: number): boolean {
  return headS >= landingS && headS - landingS < 0.08;
}
