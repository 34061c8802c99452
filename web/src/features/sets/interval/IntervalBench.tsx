import { useState, type ReactNode } from 'react';
import type { Athlete } from '../../../api/athletes';
import { useIntervals, type Intervals, type IntervalWish } from '../../../api/sets';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { FieldStack } from '../../../design/form/FieldStack';
import { PhaseBar } from '../../../design/beat/PhaseBar';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { SetsNav } from '../../../design/frame/SetsNav';
import { Workbench } from '../../../design/page/Workbench';
import { formatDuration } from '../../../lib/duration';
import { startClock } from '../../../lib/setClock';
import type { IntervalRun } from '../../../lib/setRun';
import { IntervalForm } from './IntervalForm';
import { OnClassClock } from '../../../design/beat/OnClassClock';
import { StartClock } from '../parts/StartClock';
import { StationStrips } from './StationStrips';

const usual: IntervalWish = { workS: 20, restS: 10, rounds: 8, stations: '', keepLastRest: false };

/** Builds an interval set or a circuit, by fields or as a text. */
export function IntervalBench({ athlete, head }: { athlete: Athlete; head: ReactNode }) {
  const [wish, setWish] = useState(usual);
  const set = useIntervals(athlete.id, wish, true);
  const first = athlete.name.split(' ')[0] ?? '';
  const data = useKept(athlete.id, set.data);
  return (
    <Workbench
      title={data === undefined ? `Intervals for ${first}` : titleOf(first, data)}
      nav={<SetsNav />}
      subject={
        <>
          {head}
          <div style={{ marginTop: 14 }}>
            <FieldStack>{data !== undefined && <IntervalForm set={data} onWish={setWish} />}</FieldStack>
          </div>
        </>
      }
      decision={
        data !== undefined && (
          <Card strong label="The whole set">
            <h2>The whole set</h2>
            <Facts
              facts={[
                {
                  name: data.keepLastRest ? 'Total, last rest kept' : 'Total, last rest dropped',
                  value: formatDuration(data.totalS),
                },
                {
                  name: data.keepLastRest ? 'With it dropped' : 'With it kept',
                  value: formatDuration(
                    data.keepLastRest ? data.totalWithoutLastRestS : data.totalWithLastRestS,
                  ),
                },
                { name: 'Work', value: formatDuration(data.totalWorkS) },
                { name: 'Rest', value: formatDuration(data.totalRestS) },
                { name: 'Contacts, by what is done', value: data.contacts },
              ]}
            />
            <p>{data.load.sentence}</p>
            <StartClock athlete={athlete} run={() => runOf(athlete, first, data)} />
            <OnClassClock athleteId={athlete.id} title={data.text.slice(0, 60)} text={data.text} />
          </Card>
        )
      }
    >
      {set.isError && <Failed error={set.error} onRetry={() => void set.refetch()} />}
      {data === undefined && set.isPending && <Loading what="the set" />}
      {data !== undefined && (
        <>
          <PhaseBar phases={data.phases} label={data.text} />
          <StationStrips strips={data.strips} />
        </>
      )}
    </Workbench>
  );
}

function titleOf(first: string, set: Intervals): string {
  if (!set.oneBlock) {
    return `${first}: work ${set.works} times, ${formatDuration(set.totalS)} in all`;
  }
  const [station, ...more] = set.stations;
  return more.length > 0
    ? `${first}: ${set.rounds} times through ${set.stations.length} stations, ${formatDuration(set.totalS)} in all`
    : `${first}: ${set.works} times ${set.workS} s of ${station ?? 'work'}, ${formatDuration(set.totalS)} in all`;
}

function runOf(athlete: Athlete, name: string, set: Intervals): IntervalRun {
  return {
    kind: 'intervals',
    athleteId: athlete.id,
    name,
    code: set.code,
    title: set.text,
    countKind: set.countKind === 'hold' ? 'hold' : 'streak',
    clock: startClock(Date.now()),
    phases: set.phases,
    endedAtS: null,
  };
}
