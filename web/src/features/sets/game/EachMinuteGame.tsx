import { Checkbox } from 'antd';
import { useState } from 'react';
import { useEachMinute, type EachMinute, type MinuteWish } from '../../../api/games';
import { FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { SetsNav } from '../../../design/frame/SetsNav';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { Workbench } from '../../../design/page/Workbench';
import { startClock } from '../../../lib/setClock';
import type { IntervalRun } from '../../../lib/setRun';
import { OnClassClock } from '../../../design/beat/OnClassClock';
import { StartClock } from '../parts/StartClock';
import type { GameProps } from './gameRun';
import styles from './Games.module.css';

/** One more each minute, with the minute in which it is expected to end. */
export function EachMinuteGame({ athlete, first, head }: GameProps) {
  const [wish, setWish] = useState<MinuteWish>({ first: 5, unbroken: false });
  const game = useEachMinute(athlete.id, wish);
  const data = useKept(athlete.id, game.data);
  return (
    <Workbench
      title={
        data === undefined
          ? `One more each minute for ${first}`
          : `${first}: ${lowerFirst(data.outlook.sentence)}`
      }
      nav={<SetsNav />}
      subject={
        <>
          {head}
          <div style={{ marginTop: 14 }}>
            <FieldStack>
              <NumberField
                label="Reps of the first minute"
                least={1}
                most={60}
                value={wish.first}
                onChange={(from) => setWish({ ...wish, first: from })}
              />
              <Checkbox
                checked={wish.unbroken}
                onChange={(event) => setWish({ ...wish, unbroken: event.target.checked })}
              >
                Unbroken: no restarts within the minute
              </Checkbox>
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
                { name: 'Expected to end in', value: `minute ${data.end}` },
                { name: 'Reps until then', value: data.reps },
              ]}
            />
            <p>{data.source.sentence} Tiredness from minute to minute is left out.</p>
            <p>{data.load.sentence}</p>
            <StartClock athlete={athlete} run={() => minutesRun(athlete.id, first, data)} />
            <OnClassClock athleteId={athlete.id} title="One more each minute" text={textOf(data)} />
          </Card>
        )
      }
    >
      {game.isError && <Failed error={game.error} onRetry={() => void game.refetch()} />}
      {data === undefined && game.isPending && <Loading what="the minutes" />}
      {data !== undefined && (
        <ol className={styles.minutes} aria-label="Minutes">
          {data.stillIn.map((chance, i) => (
            <li key={i}>
              <span>minute {i + 1}</span>
              <b>{data.first + i}</b>
              <i style={{ inlineSize: `${Math.round(100 * chance)}%` }} aria-hidden="true" />
              <span>still in {Math.round(100 * chance)} times in 100</span>
            </li>
          ))}
        </ol>
      )}
    </Workbench>
  );
}

/** A minute more than expected: it may go on. */
function minutesOf(game: EachMinute): number[] {
  return Array.from({ length: Math.min(60, game.end + 1) }, (_, i) => game.first + i);
}

function textOf(game: EachMinute): string {
  return minutesOf(game)
    .map((reps) => `60: ${reps} reps`)
    .slice(0, 40)
    .join('; ');
}

function minutesRun(athleteId: string, name: string, game: EachMinute): IntervalRun {
  return {
    kind: 'intervals',
    athleteId,
    name,
    code: game.code,
    title: 'One more each minute',
    countKind: 'streak',
    clock: startClock(Date.now()),
    phases: minutesOf(game).map((reps, i) => ({
      kind: 'work',
      seconds: 60,
      round: i + 1,
      station: `${reps} reps`,
    })),
    endedAtS: null,
  };
}

function lowerFirst(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1);
}
