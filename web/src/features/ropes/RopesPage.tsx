import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../api/athletes';
import { useUnit } from '../../api/session';
import { Fetched } from '../../design/Fetched';
import { Empty } from '../../design/StateNote';
import { Workbench } from '../../design/Workbench';
import { GymTrimSchool } from './parts/GymTrimSchool';
import { RackToday } from './parts/RackToday';
import { RopesNav } from './parts/RopesNav';
import { RopeLines } from './parts/RopeLines';

export function RopesPage() {
  const athletes = useAthletes();
  const unit = useUnit();
  return (
    <Fetched
      fetch={athletes}
      place="Ropes"
      what="the ropes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="No ropes yet">
            <Empty>
              A rope is sized for somebody: <Link to="/athletes/new">add an athlete</Link> first.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => (
        <Workbench
          title={titleOf(all)}
          nav={<RopesNav />}
          decision={
            <div style={{ display: 'grid', gap: 16 }}>
              <RackToday />
              <GymTrimSchool />
            </div>
          }
        >
          <RopeLines athletes={all} unit={unit} />
        </Workbench>
      )}
    </Fetched>
  );
}

function titleOf(athletes: Athlete[]): string {
  const next = athletes.find((athlete) => athlete.rope === null);
  return next === undefined ? 'Everybody has a rope' : `${next.name} is the next to size`;
}
