import { useState } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../api/athletes';
import { useLadder, type LadderWish } from '../../api/sets';
import { Fetched } from '../../design/Fetched';
import { Empty, Failed, Loading } from '../../design/StateNote';
import { Workbench } from '../../design/Workbench';
import { LadderForm } from './parts/LadderForm';
import { LadderTotals } from './parts/LadderTotals';
import { Stair } from './parts/Stair';

const usual: LadderWish = { family: 'rising', top: 8, fixedSingles: 3 };

export function SetsPage() {
  const athletes = useAthletes();
  return (
    <Fetched
      fetch={athletes}
      place="Sets"
      what="the athletes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="Nobody to build a ladder for yet">
            <Empty>
              A ladder’s chances rest on somebody’s own log: <Link to="/athletes/new">add an athlete</Link>{' '}
              first.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => <Built athletes={all} />}
    </Fetched>
  );
}

/** Ladders of doubles begin at Link, the eighth stage: whoever is nearest to it comes first. */
const LINK = 8;

function Built({ athletes }: { athletes: Athlete[] }) {
  const nearest = athletes.reduce((one, other) =>
    Math.abs(other.stageNumber - LINK) < Math.abs(one.stageNumber - LINK) ? other : one,
  );
  const [athleteId, setAthleteId] = useState(nearest.id);
  const [wish, setWish] = useState(usual);
  const ladder = useLadder(athleteId, wish);
  const first = athletes.find((athlete) => athlete.id === athleteId)?.name.split(' ')[0] ?? '';
  return (
    <Workbench
      title={
        ladder.data === undefined
          ? `A ladder for ${first}`
          : `${first}: ${lowerFirst(ladder.data.outlook.sentence)}`
      }
      subject={
        <LadderForm
          athletes={athletes}
          athleteId={athleteId}
          onAthlete={setAthleteId}
          wish={wish}
          onWish={setWish}
        />
      }
      decision={ladder.data !== undefined && <LadderTotals ladder={ladder.data} />}
    >
      {ladder.isError && <Failed error={ladder.error} onRetry={() => void ladder.refetch()} />}
      {ladder.isPending && <Loading what="the ladder" />}
      {ladder.data !== undefined && <Stair rungs={ladder.data.rungs} />}
    </Workbench>
  );
}

function lowerFirst(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1);
}
