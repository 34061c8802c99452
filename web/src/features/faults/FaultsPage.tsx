import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../api/athletes';
import { useSigns, type SignGroup } from '../../api/faults';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { useChosenPerson } from '../../design/form/useChosenPerson';
import { Workbench } from '../../design/page/Workbench';
import { FaultBench } from './parts/FaultBench';

export function FaultsPage() {
  const athletes = useAthletes();
  const signs = useSigns();
  return (
    <Fetched
      fetch={athletes}
      place="Faults"
      what="the athletes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="Nobody to watch yet">
            <Empty>
              Which fault is likely depends on the stage: <Link to="/athletes/new">add an athlete</Link>{' '}
              first.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => (
        <Fetched fetch={signs} place="Faults" what="the signs">
          {(groups) => <Watched athletes={all} groups={groups} />}
        </Fetched>
      )}
    </Fetched>
  );
}

function Watched({ athletes, groups }: { athletes: Athlete[]; groups: SignGroup[] }) {
  // Nobody is likelier to have a fault: the first of the list stands there until somebody is chosen.
  const [athlete, choose] = useChosenPerson(athletes, (one) => one);
  return (
    <FaultBench key={athlete.id} athletes={athletes} athlete={athlete} onAthlete={choose} groups={groups} />
  );
}
