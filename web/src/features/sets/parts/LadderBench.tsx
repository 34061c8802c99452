import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import type { Athlete } from '../../../api/athletes';
import { useLadder, type Ladder, type LadderWish } from '../../../api/sets';
import { FieldStack } from '../../../design/form/FieldStack';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { SetsNav } from '../../../design/frame/SetsNav';
import { Workbench } from '../../../design/page/Workbench';
import { startClock } from '../../../lib/setClock';
import type { LadderRun } from '../../../lib/setRun';
import { families, LadderForm } from './LadderForm';
import { LadderTotals } from './LadderTotals';
import { Stair } from './Stair';
import { StartClock } from './StartClock';
import { AtThumb } from '../../../design/page/AtThumb';

const usual: LadderWish = { family: 'rising', top: 8, fixedSingles: 3 };

/** Builds a ladder and says how it will go. */
export function LadderBench({ athlete, head }: { athlete: Athlete; head: ReactNode }) {
  const [wish, setWish] = useState(usual);
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
        data !== undefined && (
          <LadderTotals ladder={data}>
            {data.inReach ? (
              <StartClock athlete={athlete} run={() => runOf(athlete, first, wish, data)} />
            ) : (
              <NotToday top={data.topInReach} onTop={(top) => setWish({ ...wish, top })} />
            )}
          </LadderTotals>
        )
      }
    >
      {ladder.isError && <Failed error={ladder.error} onRetry={() => void ladder.refetch()} />}
      {data === undefined && ladder.isPending && <Loading what="the ladder" />}
      {data !== undefined && <Stair rungs={data.rungs} />}
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

function runOf(athlete: Athlete, name: string, wish: LadderWish, ladder: Ladder): LadderRun {
  const shape = families.find((family) => family.value === wish.family)?.label ?? '';
  return {
    kind: 'ladder',
    athleteId: athlete.id,
    name,
    code: ladder.code,
    title: `${shape.split(':')[0] ?? ''} to ${wish.top}`,
    countKind: ladder.countKind === 'tries' ? 'tries' : 'streak',
    clock: startClock(Date.now()),
    rungs: ladder.rungs.map(({ text, notation, reps, beats }) => ({ text, notation, reps, beats })),
    breakS: ladder.breakS,
    marks: [],
  };
}

function lowerFirst(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1);
}
