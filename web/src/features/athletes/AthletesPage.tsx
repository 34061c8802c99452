import { Button } from 'antd';
import { Link } from 'react-router';
import { useAthletes } from '../../api/athletes';
import { useMayChange, useUnit } from '../../api/session';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { AthleteRows } from './parts/AthleteRows';
import { titleOf } from './parts/titleOf';
import { AtThumb } from '../../design/page/AtThumb';

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
          <AthleteRows athletes={all} unit={unit} />
        </Workbench>
      )}
    </Fetched>
  );
}

/** The way for many at once. */
function List({ first = false }: { first?: boolean }) {
  return (
    <Link to="/athletes/list" className="touch">
      {first ? 'Paste a list' : 'Several at once: paste a list'}
    </Link>
  );
}
