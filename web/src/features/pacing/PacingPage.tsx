import { useState } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../api/athletes';
import { usePacing, type Work } from '../../api/pacing';
import { Fetched } from '../../design/page/Fetched';
import { NotToday } from '../../design/page/NotToday';
import { Empty, Failed, Loading } from '../../design/page/StateNote';
import { useChosenPerson } from '../../design/form/useChosenPerson';
import { useKept } from '../../design/page/useKept';
import { Workbench } from '../../design/page/Workbench';
import { PlanCard } from './parts/PlanCard';
import { Ways } from './parts/Ways';
import { WorkForm } from './parts/WorkForm';

const usual: Work = { reps: 50, rounds: 1, missCost: 10, breakCost: 4, aim: 'keep-moving' };

export function PacingPage() {
  const athletes = useAthletes();
  return (
    <Fetched
      fetch={athletes}
      place="Pacing"
      what="the athletes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="Nobody to plan for yet">
            <Empty>
              A set plan rests on somebody’s own log: <Link to="/athletes/new">add an athlete</Link> first.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => <Planned athletes={all} />}
    </Fetched>
  );
}

function Planned({ athletes }: { athletes: Athlete[] }) {
  // Whoever is furthest on the path is the likeliest to meet doubles in a workout.
  const [athlete, choose] = useChosenPerson(athletes, (one, other) =>
    other.stageNumber > one.stageNumber ? other : one,
  );
  const [work, setWork] = useState(usual);
  const jumps = athlete.allowance.jumping === 'all';
  const pacing = usePacing(athlete.id, work, jumps);
  const data = useKept(athlete.id, pacing.data);
  const first = athlete.name.split(' ')[0] ?? '';
  return (
    <Workbench
      title={
        !jumps
          ? `No pace today for ${first}`
          : data === undefined
            ? `Planning for ${first}`
            : `${first}: ${data.plan.sentence}`
      }
      subject={
        <WorkForm
          athletes={athletes}
          athleteId={athlete.id}
          onAthlete={choose}
          work={work}
          onWork={setWork}
        />
      }
      decision={jumps && data !== undefined && <Ways ways={data.ways} />}
    >
      {!jumps && <NotToday allowance={athlete.allowance} name={first} />}
      {jumps && pacing.isError && <Failed error={pacing.error} onRetry={() => void pacing.refetch()} />}
      {jumps && data === undefined && pacing.isPending && <Loading what="the plan" />}
      {jumps && data !== undefined && <PlanCard pacing={data} />}
    </Workbench>
  );
}
