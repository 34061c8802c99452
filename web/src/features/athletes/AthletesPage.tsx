import { Button } from 'antd';
import { Link } from 'react-router';
import { useAthletes } from '../../api/athletes';
import { useMayChange, useUnit } from '../../api/session';
import { Card } from '../../design/Card';
import { Empty, Failed, Loading } from '../../design/StateNote';
import { Workbench } from '../../design/Workbench';
import { AthleteRows } from './parts/AthleteRows';
import { titleOf } from './parts/titleOf';

export function AthletesPage() {
  const athletes = useAthletes();
  const mayChange = useMayChange();
  const unit = useUnit();
  const add = (
    <Link to="/athletes/new">
      <Button type="primary" size="large" block>
        Add an athlete
      </Button>
    </Link>
  );
  if (athletes.isPending) {
    return (
      <Workbench title="Athletes">
        <Loading what="the athletes" />
      </Workbench>
    );
  }
  if (athletes.isError) {
    return (
      <Workbench title="The athletes could not be fetched">
        <Failed error={athletes.error} onRetry={() => void athletes.refetch()} />
      </Workbench>
    );
  }
  if (athletes.data.length === 0) {
    return (
      <Workbench title="Nobody is here yet">
        <Empty action={mayChange ? add : undefined}>
          Start with one athlete: a name and a height are enough to size their rope.
        </Empty>
      </Workbench>
    );
  }
  return (
    <Workbench
      title={titleOf(athletes.data)}
      decision={
        mayChange && (
          <Card strong>
            <h2>Somebody new?</h2>
            <p>A name and a height are enough: the rope is sized at once.</p>
            {add}
          </Card>
        )
      }
    >
      <AthleteRows athletes={athletes.data} unit={unit} />
    </Workbench>
  );
}
