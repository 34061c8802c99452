import { useCardWrites, useOwnCard, type OwnCard } from '../../../api/ownCard';
import { Doorstep } from '../../../design/frame/Doorstep';
import { Loading } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import type { WayIn } from '../../../lib/wayIn';
import { CardCounter } from './CardCounter';
import { CardEffort } from './CardEffort';
import { CardEnded } from './CardEnded';
import { CardPain } from './CardPain';
import { CardRope } from './CardRope';
import { CardStatement } from './CardStatement';
import { NoSetHere } from './NoSetHere';
import { Tonight } from './Tonight';
import { isOfToday, keptAt } from './keptAt';
import styles from '../card.module.css';

/** The card while its link holds, or what is left of it. */
export function OpenedCard({ link }: { link: WayIn }) {
  const { card, kept, ended, away } = useOwnCard(link);
  if (ended !== null) {
    return <CardEnded said={ended} link={link} />;
  }
  if (card === undefined) {
    return (
      <Doorstep title="Your own card">
        {away ? (
          <p role="status">No network yet: your card shows as soon as there is.</p>
        ) : (
          <Loading what="your card" />
        )}
      </Doorstep>
    );
  }
  return <Card link={link} card={card} kept={kept} away={away} />;
}

interface Props {
  link: WayIn;
  card: OwnCard;
  kept: boolean;
  away: boolean;
}

function Card({ link, card, kept, away }: Props) {
  const writes = useCardWrites(link);
  const old = kept && !isOfToday(card);
  const jumps = card.drill !== null && !writes.stopped && !old;
  return (
    <Workbench
      title={titleOf(card, jumps, old)}
      subject={
        <>
          <p className={styles.quiet}>
            {card.firstName} · {card.gym}
            {card.holder === 'guardian' && ' · guardian’s card'}
          </p>
          <CardRope card={card} kept={kept} />
        </>
      }
      decision={
        <>
          <CardPain card={card} onPain={writes.pain} />
          {(jumps || old) && card.drill !== null && !writes.stopped && (
            <CardCounter
              drill={card.drill}
              named={old}
              onLog={(entry) => writes.count(card.drill?.code ?? '', entry)}
            />
          )}
        </>
      }
    >
      <div className={styles.stack}>
        {away && (
          <p role="status" className={styles.kept}>
            No network. This is what your card said {keptAt(card)}. What you count is kept here and sent
            later.
          </p>
        )}
        {old ? <NoSetHere card={card} /> : <Tonight card={card} stopped={writes.stopped} jumps={jumps} />}
        {card.flags.map((flag) => (
          <CardStatement key={flag.id} link={link} card={card} flag={flag} />
        ))}
        {card.gate !== null && !old && (
          <section aria-label="Next gate">
            <h2>The next gate</h2>
            <p>{card.gate.sentence}</p>
          </section>
        )}
        {!old && <CardEffort said={card.effort} onSay={writes.effort} />}
        <Counted card={card} writes={writes} />
      </div>
    </Workbench>
  );
}

function titleOf(card: OwnCard, jumps: boolean, old: boolean): string {
  if (old) {
    return `${card.firstName}: tonight’s set is not here yet`;
  }
  if (jumps) {
    return `Tonight: ${card.drill?.title.toLowerCase() ?? ''}, ${String(card.tonight.minutes)} minutes`;
  }
  return card.allowance.jumping === 'nothing'
    ? `No training today, ${card.firstName}`
    : `No jumps tonight, ${card.firstName}`;
}

/** What the athlete counted: on the server, on the way, or refused with the reason. */
function Counted({ card, writes }: { card: OwnCard; writes: ReturnType<typeof useCardWrites> }) {
  const gone = new Set(
    writes.waiting.filter((write) => write.path.endsWith('/take-back')).map(({ rowId }) => rowId),
  );
  const sent = card.counted.filter((entry) => !gone.has(entry.id));
  if (sent.length + writes.waiting.length === 0) {
    return null;
  }
  return (
    <section aria-label="What you counted">
      <h2>What you counted</h2>
      <ul className={styles.sent}>
        {writes.waiting.map((write) => (
          <li key={write.order}>
            <span className={write.refused === undefined ? undefined : styles.refused}>
              {write.said}:{' '}
              {write.refused === undefined ? 'kept here, not sent yet' : `not taken. ${write.refused}`}
            </span>
            <button type="button" className="touch" onClick={() => writes.drop(write.order ?? -1)}>
              {write.refused === undefined ? 'Undo' : 'Put away'}
            </button>
          </li>
        ))}
        {sent.map((entry) => (
          <li key={entry.id}>
            <span>{entry.sentence}</span>
            <button type="button" className="touch" onClick={() => writes.takeBack(entry.id, entry.sentence)}>
              Undo
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
