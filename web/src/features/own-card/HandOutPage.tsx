import { useState } from 'react';
import { useParams } from 'react-router';
import { useAthlete, type Athlete } from '../../api/athletes';
import { useOwnCards, type OwnCards } from '../../api/ownCard';
import { useMayChange } from '../../api/session';
import { PathNav } from '../../design/frame/PathNav';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import type { WayIn } from '../../lib/wayIn';
import { AsideEntries } from './parts/AsideEntries';
import { CardLinks } from './parts/CardLinks';
import { CardShown } from './parts/CardShown';
import { NewCard } from './parts/NewCard';
import styles from './card.module.css';

/** For the coach: hands an athlete the link to their own card, and takes it back. */
export function HandOutPage() {
  const { id = '' } = useParams();
  const mayChange = useMayChange();
  const athlete = useAthlete(id);
  const cards = useOwnCards(id, mayChange);
  return (
    <Fetched fetch={athlete} place="Own card" what="the athlete">
      {(one) =>
        mayChange ? (
          <Fetched fetch={cards} place="Own card" what="the links">
            {(found) => <Links athlete={one} cards={found} />}
          </Fetched>
        ) : (
          <Workbench title="A coach hands out cards" nav={<PathNav athleteId={id} />}>
            <Empty>Ask a coach of the gym: a link to {one.name}’s card shows what is noted of them.</Empty>
          </Workbench>
        )
      }
    </Fetched>
  );
}

function Links({ athlete, cards }: { athlete: Athlete; cards: OwnCards }) {
  const [shown, show] = useState<WayIn>();
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  const out = cards.cards.filter((card) => !card.expired).length;
  return (
    <Workbench
      title={titleOf(first, out)}
      nav={<PathNav athleteId={athlete.id} />}
      decision={<NewCard athleteId={athlete.id} cards={cards} onMade={show} />}
    >
      <div className={styles.stack}>
        {shown !== undefined && <CardShown link={shown} name={athlete.name} onDone={() => show(undefined)} />}
        <AsideEntries entries={cards.aside} name={first} />
        <CardLinks cards={cards.cards} />
        <p className={styles.quiet}>
          A card shows {first}’s rope, tonight’s few minutes, the next gate and what is noted of their health,
          and nothing of anybody else. What they count comes into the log as their own count. Pain noted on it
          takes the jumps off at once. Taken back, a link is dead within a minute; a phone without network
          forgets it when it next has some.
        </p>
      </div>
    </Workbench>
  );
}

function titleOf(first: string, out: number): string {
  return out === 0
    ? `${first} has no card yet`
    : `${first} has ${out === 1 ? 'one card' : `${String(out)} cards`} out`;
}
