import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { useDeck, type Deck, type DeckWish } from '../../../api/games';
import { FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { SetsNav } from '../../../design/frame/SetsNav';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { Workbench } from '../../../design/page/Workbench';
import { StartClock } from '../parts/StartClock';
import { stepsRun, type GameProps } from './gameRun';
import styles from './Games.module.css';

const usual: DeckWish = { cards: 15, seed: 1, court: 20, ace: 20, joker: null };
const suits = ['spades', 'hearts', 'diamonds', 'clubs'] as const;

/** A pack of cards: number = reps, suit = style; its total is said before the start. */
export function Cards({ athlete, first, head }: GameProps) {
  const [wish, setWish] = useState(usual);
  const deck = useDeck(athlete.id, wish);
  const data = useKept(athlete.id, deck.data);
  const number = (label: string, field: 'cards' | 'court' | 'ace', least: number, most: number) => (
    <NumberField
      label={label}
      least={least}
      most={most}
      value={wish[field]}
      onChange={(value) => setWish({ ...wish, [field]: value })}
    />
  );
  return (
    <Workbench
      title={
        data === undefined
          ? `Cards for ${first}`
          : `${first}: ${data.cards.length} cards, ${data.reps} reps in all`
      }
      nav={<SetsNav />}
      subject={
        <>
          {head}
          <div style={{ marginTop: 14 }}>
            <FieldStack>
              {number('Cards', 'cards', 1, 54)}
              {number('Court card', 'court', 0, 100)}
              {number('Ace', 'ace', 0, 100)}
              <Checkbox
                checked={wish.joker === null}
                onChange={(event) => setWish({ ...wish, joker: event.target.checked ? null : 20 })}
              >
                A joker doubles the next card
              </Checkbox>
              {wish.joker !== null && (
                <NumberField
                  label="Joker"
                  least={0}
                  most={100}
                  value={wish.joker}
                  onChange={(joker) => setWish({ ...wish, joker })}
                />
              )}
              {data !== undefined && (
                <Styles deck={data} onWish={(style) => setWish({ ...wish, ...style })} />
              )}
            </FieldStack>
          </div>
        </>
      }
      decision={
        data !== undefined && (
          <Card strong label="The whole pack">
            <h2>The whole pack</h2>
            <Facts
              facts={[
                { name: 'Reps', value: data.reps },
                { name: 'Jumps · turns', value: `${data.jumps} · ${data.turns}` },
                { name: 'Shuffle', value: data.seed },
              ]}
            />
            <p>{data.load.sentence}</p>
            <Button
              size="large"
              block
              style={{ marginBottom: 10 }}
              onClick={() => setWish({ ...wish, seed: wish.seed + 1 })}
            >
              Shuffle again
            </Button>
            <StartClock
              athlete={athlete}
              run={() =>
                stepsRun(
                  athlete,
                  first,
                  data,
                  `${data.cards.length} cards`,
                  data.cards.map((card) => ({
                    text:
                      card.reps === 0
                        ? 'joker: the next one counts double'
                        : `${nameOf(card)}: ${card.reps} × ${card.style}`,
                    reps: card.reps,
                  })),
                )
              }
            />
          </Card>
        )
      }
    >
      {deck.isError && <Failed error={deck.error} onRetry={() => void deck.refetch()} />}
      {data === undefined && deck.isPending && <Loading what="the cards" />}
      {data !== undefined && (
        <ol className={styles.cards} aria-label="Cards in their order">
          {data.cards.map((card, i) => (
            <li key={i} data-suit={card.suit}>
              <strong>{card.reps === 0 ? 'joker' : card.reps}</strong>
              <span>{nameOf(card)}</span>
              <span>{card.reps === 0 ? 'doubles the next' : card.style.replace(/^1 /, '')}</span>
              {card.factor > 1 && <em>{card.factor} times</em>}
            </li>
          ))}
        </ol>
      )}
    </Workbench>
  );
}

function nameOf(card: Deck['cards'][number]): string {
  return card.rank === 'joker' ? 'joker' : `${card.rank} of ${card.suit}`;
}

/** One rep of each suit, in the notation. */
function Styles({ deck, onWish }: { deck: Deck; onWish: (style: Partial<DeckWish>) => void }) {
  return suits.map((suit) => {
    const now = deck.suits.find((one) => one.suit === suit)?.notation ?? '';
    return (
      <label key={`${suit} ${now}`}>
        {suit.charAt(0).toUpperCase() + suit.slice(1)}, one rep
        <Input
          defaultValue={now}
          aria-label={`${suit}, one rep`}
          placeholder="d"
          onBlur={(event) => onWish({ [suit]: event.target.value })}
          onPressEnter={(event) => onWish({ [suit]: event.currentTarget.value })}
        />
      </label>
    );
  });
}
