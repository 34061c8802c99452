import { useState } from 'react';
import { useFeet, type FootWish } from '../../../api/games';
import { ChoiceField, FieldStack } from '../../../design/form/FieldStack';
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

const kinds: { value: FootWish['kind']; label: string }[] = [
  { value: 'countdown', label: 'Countdown to 1' },
  { value: 'pyramid', label: 'Pyramid: up and down' },
];

/** Hops on one foot, then as many on the other. */
export function Feet({ athlete, first, head }: GameProps) {
  const [wish, setWish] = useState<FootWish>({ kind: 'countdown', top: 5 });
  const game = useFeet(athlete.id, wish);
  const data = useKept(athlete.id, game.data);
  return (
    <Workbench
      title={
        data === undefined
          ? `Feet for ${first}`
          : `${first}: ${data.eachFoot} hops a foot, ${data.landings} in all`
      }
      nav={<SetsNav />}
      subject={
        <>
          {head}
          <div style={{ marginTop: 14 }}>
            <FieldStack>
              <ChoiceField
                label="Way"
                options={kinds}
                value={wish.kind}
                onChange={(kind) => setWish({ ...wish, kind })}
              />
              <NumberField
                label={wish.kind === 'countdown' ? 'From' : 'Top'}
                least={1}
                most={20}
                value={wish.top}
                onChange={(top) => setWish({ ...wish, top })}
              />
            </FieldStack>
          </div>
        </>
      }
      decision={
        data !== undefined && (
          <Card strong label="The whole game">
            <h2>The whole game</h2>
            <Facts
              facts={[
                { name: 'Each foot', value: data.eachFoot },
                { name: 'Both feet', value: data.landings },
              ]}
            />
            <p>{data.load.sentence}</p>
            <StartClock
              athlete={athlete}
              run={() =>
                stepsRun(
                  athlete,
                  first,
                  data,
                  `Feet, ${wish.kind} ${wish.top}`,
                  data.hops.flatMap((hops) => [
                    { text: `${hops} on the left`, reps: hops },
                    { text: `${hops} on the right`, reps: hops },
                  ]),
                )
              }
            />
          </Card>
        )
      }
    >
      {game.isError && <Failed error={game.error} onRetry={() => void game.refetch()} />}
      {data === undefined && game.isPending && <Loading what="the game" />}
      {data !== undefined && (
        <ol className={styles.feet} aria-label="Hops step by step">
          {data.hops.map((hops, i) => (
            <li key={i}>
              <span>
                left <b>{hops}</b>
              </span>
              <i style={{ inlineSize: `${hops * 14}px` }} aria-hidden="true" />
              <span>
                right <b>{hops}</b>
              </span>
            </li>
          ))}
        </ol>
      )}
    </Workbench>
  );
}
