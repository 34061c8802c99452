import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useAthletes, type Athlete } from '../../api/athletes';
import { useMayChange, useUnit } from '../../api/session';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { Archive } from './parts/Archive';
import { EVERYBODY, chosen } from './parts/athleteChoice';
import { AthleteFilter } from './parts/AthleteFilter';
import { AthleteRows } from './parts/AthleteRows';
import { titleOf } from './parts/titleOf';
import { AtThumb } from '../../design/page/AtThumb';
import { PlainButton } from '../../design/page/PlainButton';
import type { LengthUnit } from '../../lib/units';
import styles from './AthletesPage.module.css';

export function AthletesPage() {
  const athletes = useAthletes();
  const mayChange = useMayChange();
  const unit = useUnit();
  const add = (
    <AtThumb>
      <Link to="/athletes/new">
        <Button type="primary" size="large" block>
          Add an athlete
        </Button>
      </Link>
    </AtThumb>
  );
  return (
    <Fetched
      fetch={athletes}
      place="Athletes"
      what="the athletes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="Nobody is here yet">
            <Empty action={mayChange ? <List first /> : undefined}>
              Paste your list as you have it: a name and a height in each line are enough to size everybody’s
              rope. Or begin with one athlete.
            </Empty>
            {mayChange && add}
          </Workbench>
        ),
      }}
    >
      {(all) => (
        <Workbench
          title={titleOf(all)}
          decision={
            mayChange && (
              <Card strong>
                <h2>Somebody new?</h2>
                <p>A name and a height are enough: the rope is sized at once.</p>
                {add}
                <List />
              </Card>
            )
          }
        >
          <Listed athletes={all} unit={unit} />
          {mayChange && <Archive />}
        </Workbench>
      )}
    </Fetched>
  );
}

function Listed({ athletes, unit }: { athletes: Athlete[]; unit: LengthUnit }) {
  const [choice, setChoice] = useState(EVERYBODY);
  const shown = chosen(athletes, choice);
  return (
    <>
      <AthleteFilter athletes={athletes} choice={choice} onChange={setChoice} />
      {shown.length === 0 ? (
        <p role="status">
          Nobody is like that. <PlainButton onClick={() => setChoice(EVERYBODY)}>Show everybody</PlainButton>
        </p>
      ) : (
        <AthleteRows athletes={shown} unit={unit} />
      )}
    </>
  );
}

/** The way for many at once. */
function List({ first = false }: { first?: boolean }) {
  return (
    <p className={styles.many}>
      <Link to="/athletes/list" className="touch">
        {first ? 'Paste a list' : 'Several at once: paste a list'}
      </Link>
    </p>
  );
}
