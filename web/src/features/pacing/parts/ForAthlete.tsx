import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { useChosenPerson } from '../../../design/form/useChosenPerson';
import { PacingNav } from '../../../design/frame/PacingNav';
import { Dressed } from '../../../design/page/Dressed';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';

export interface Chosen {
  athlete: Athlete;
  /** "Ilse". */
  first: string;
  /** Today, as far as is known. */
  jumps: boolean;
  /** To choose another one. */
  picker: ReactNode;
}

/** A page of Pacing about one athlete: waits for them, says what to do when there are none, has one chosen. */
export function ForAthlete({ place, children }: { place: string; children: (chosen: Chosen) => ReactNode }) {
  return (
    <Fetched
      fetch={useAthletes()}
      place={place}
      what="the athletes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="Nobody to plan for yet" nav={<PacingNav />}>
            <Empty>
              A set plan rests on somebody’s own log: <Link to="/athletes/new">add an athlete</Link> first.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => (
        <Dressed>
          <OneOf athletes={all}>{children}</OneOf>
        </Dressed>
      )}
    </Fetched>
  );
}

function OneOf({ athletes, children }: { athletes: Athlete[]; children: (chosen: Chosen) => ReactNode }) {
  // Whoever is furthest on the path is the likeliest to meet doubles in a workout.
  const [athlete, choose] = useChosenPerson(athletes, (one, other) =>
    other.stageNumber > one.stageNumber ? other : one,
  );
  return children({
    athlete,
    first: athlete.name.split(' ')[0] ?? '',
    jumps: athlete.allowance.jumping === 'all',
    picker: (
      <label>
        Athlete
        <PersonPicker people={athletes} value={athlete.id} onChange={choose} />
      </label>
    ),
  });
}
