import { Segmented } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../api/athletes';
import { Fetched } from '../../design/page/Fetched';
import { FieldStack } from '../../design/form/FieldStack';
import { PersonPicker } from '../../design/form/PersonPicker';
import { NotToday } from '../../design/page/NotToday';
import { Empty } from '../../design/page/StateNote';
import { useChosenPerson } from '../../design/form/useChosenPerson';
import { SetsNav } from '../../design/frame/SetsNav';
import { Workbench } from '../../design/page/Workbench';
import { IntervalBench } from './interval/IntervalBench';
import { LadderBench } from './ladder/LadderBench';

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
          <Workbench title="Nobody to build a set for yet" nav={<SetsNav />}>
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
  const [athlete, choose] = useChosenPerson(athletes, (one, other) =>
    Math.abs(other.stageNumber - LINK) < Math.abs(one.stageNumber - LINK) ? other : one,
  );
  const [kind, setKind] = useState<'ladder' | 'intervals'>('ladder');
  const head = (
    <FieldStack>
      <Segmented<typeof kind>
        aria-label="Kind of set"
        block
        value={kind}
        onChange={setKind}
        options={[
          { value: 'ladder', label: 'Ladder' },
          { value: 'intervals', label: 'Intervals' },
        ]}
      />
      <label>
        Athlete
        <PersonPicker people={athletes} value={athlete.id} onChange={choose} />
      </label>
    </FieldStack>
  );
  if (athlete.allowance.jumping !== 'all') {
    const first = athlete.name.split(' ')[0] ?? athlete.name;
    return (
      <Workbench title={`No set today for ${first}`} nav={<SetsNav />} subject={head}>
        <NotToday allowance={athlete.allowance} name={first} />
      </Workbench>
    );
  }
  return kind === 'ladder' ? (
    <LadderBench athlete={athlete} head={head} />
  ) : (
    <IntervalBench athlete={athlete} head={head} />
  );
}
