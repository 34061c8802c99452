import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import type { Athlete } from '../../../api/athletes';
import { fittedWish, foundBy, useFit, useLadder, type Fitting, type LadderWish } from '../../../api/sets';
import { FieldStack } from '../../../design/form/FieldStack';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { SetsNav } from '../../../design/frame/SetsNav';
import { Workbench } from '../../../design/page/Workbench';
import { AtThumb } from '../../../design/page/AtThumb';
import { FitForMe } from './FitForMe';
import { LadderForm } from './LadderForm';
import { ladderRunOf, titleOfLadder } from './ladderRunOf';
import { LadderTotals } from './LadderTotals';
import { OnClassClock } from '../../../design/beat/OnClassClock';
import { Stair } from './Stair';
import { StartClock } from '../parts/StartClock';

const usual: LadderWish = {
  family: 'rising',
  start: 1,
  step: 1,
  top: 8,
  times: 1,
  fixedSingles: 3,
  exitSingles: 2,
  missRule: 'repeat',
};

/** Builds a ladder and says how it will go; or has one fitted, and fitted again for whoever is chosen next. */
export function LadderBench({ athlete, head }: { athlete: Athlete; head: ReactNode }) {
  const [typed, setTyped] = useState(usual);
  const [fitting, setFitting] = useState<Fitting | null>(null);
  const fit = useFit(athlete.id, typed, fitting, fitting !== null);
  const fitted = fitting === null ? undefined : foundBy(fit.data)[fitting.pick];
  const wish = fitted === undefined ? typed : fittedWish(typed, fitted);
  // What is typed stays, whoever is chosen next; what was fitted is fitted again.
  const setWish = (next: LadderWish) => {
    setFitting(null);
    setTyped(next);
  };
  const ladder = useLadder(athlete.id, wish, true);
  const first = athlete.name.split(' ')[0] ?? '';
  const data = useKept(athlete.id, ladder.data);
  return (
    <Workbench
      title={data === undefined ? `A ladder for ${first}` : `${first}: ${lowerFirst(data.outlook.sentence)}`}
      nav={<SetsNav />}
      subject={
        <>
          {head}
          <div style={{ marginTop: 14 }}>
            <FieldStack>
              <LadderForm wish={wish} climbed={athlete.ladders} onWish={setWish} />
            </FieldStack>
          </div>
        </>
      }
      decision={
        <>
          <FitForMe fit={fit} fitting={fitting} onFitting={setFitting} />
          {data !== undefined && (
            <LadderTotals ladder={data}>
              {data.inReach ? (
                <StartClock athlete={athlete} run={() => ladderRunOf(athlete, first, wish, data)} />
              ) : (
                <NotToday
                  top={data.topInReach}
                  onTop={(top) => setWish({ ...wish, top, start: Math.min(wish.start, top) })}
                />
              )}
              {data.inReach && data.byClock !== null && (
                <OnClassClock athleteId={athlete.id} title={titleOfLadder(wish)} text={data.byClock} />
              )}
            </LadderTotals>
          )}
        </>
      }
    >
      {ladder.isError && <Failed error={ladder.error} onRetry={() => void ladder.refetch()} />}
      {data === undefined && ladder.isPending && <Loading what="the ladder" />}
      {data !== undefined && <Stair rungs={data.rungs} times={data.times} />}
    </Workbench>
  );
}

/** A ladder with a rung out of reach is not started: the highest one that is in reach is offered instead. */
function NotToday({ top, onTop }: { top: number | null; onTop: (top: number) => void }) {
  if (top === null) {
    return <p role="note">Not today: no ladder of this shape is in reach. Choose another shape.</p>;
  }
  return (
    <>
      <p role="note">Not today: a rung is out of reach.</p>
      <AtThumb>
        <Button type="primary" size="large" block onClick={() => onTop(top)}>
          Lower the top to {top}
        </Button>
      </AtThumb>
    </>
  );
}

function lowerFirst(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1);
}
