import type { OwnCard } from '../../../api/ownCard';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { PlayedStrip } from '../../../design/beat/PlayedStrip';
import { Card } from '../../../design/page/Card';
import { formatDuration } from '../../../lib/duration';
import styles from '../card.module.css';

interface Props {
  card: OwnCard;
  /** Pain was noted on this phone a moment ago. */
  stopped: boolean;
  jumps: boolean;
}

/** Tonight's few minutes: the set with its strip, click and cue; or hands and beat, and why. */
export function Tonight({ card, stopped, jumps }: Props) {
  if (stopped) {
    return (
      <Card strong label="Tonight">
        <p role="note">
          You noted that it hurts: stop jumping now. What you can do instead shows when this is sent.
        </p>
      </Card>
    );
  }
  const blocks = card.tonight.blocks.filter((block) => !jumps || block.title !== card.drill?.title);
  const main = card.tonight.blocks.find((block) => block.title === card.drill?.title);
  return (
    <Card strong label="Tonight">
      {!jumps &&
        card.allowance.reasons.map((reason) => (
          <p key={reason.code} role="note">
            {reason.sentence}
          </p>
        ))}
      {card.planned !== null && <p role="note">{card.planned.sentence}</p>}
      <ol className={styles.blocks}>
        {blocks.map((block) => (
          <li key={block.title}>
            <strong>{block.title}</strong> {formatDuration(block.seconds)}
            {block.items.length > 0 && <p>{block.items.join(', ')}</p>}
            {block.beats.length > 0 && <BeatStrip beats={block.beats} text={block.text} small />}
            {block.cue !== '' && <p>“{block.cue}”</p>}
          </li>
        ))}
      </ol>
      {jumps && card.drill !== null && (
        <>
          <p>
            <strong>{card.drill.title}</strong> {main === undefined ? '' : formatDuration(main.seconds)} ·{' '}
            {main === undefined ? card.drill.dose : `${String(main.sets)} × ${String(main.aim)}`}
          </p>
          <PlayedStrip drill={card.drill} silent={card.silent} />
          <h2 className={styles.cue}>“{card.drill.cue}”</h2>
          <p className={styles.quiet}>At most {card.tonight.contacts} contacts tonight.</p>
        </>
      )}
      <p className={styles.quiet}>Never push through pain. Zumbo gives no medical advice.</p>
    </Card>
  );
}
