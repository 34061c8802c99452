import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { useUnit } from '../../../api/session';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { GymTrimSchool } from '../trim/GymTrimSchool';
import { RackToday } from '../rack/RackToday';
import { RopesNav } from '../RopesNav';
import { RopeLines } from './RopeLines';

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
