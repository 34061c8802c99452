import { Link } from 'react-router';
import { useAthletes } from '../../api/athletes';
import { useUnit } from '../../api/session';
import { Empty, Failed, Loading } from '../../design/StateNote';
import { Workbench } from '../../design/Workbench';
import { RopeLines } from './parts/RopeLines';

export function RopesPage() {
  const athletes = useAthletes();
  const unit = useUnit();
  if (athletes.isPending) {
    return (
      <Workbench title="Ropes">
        <Loading what="the ropes" />
      </Workbench>
    );
  }
  if (athletes.isError) {
    return (
      <Workbench title="The ropes could not be fetched">
        <Failed error={athletes.error} onRetry={() => void athletes.refetch()} />
      </Workbench>
    );
  }
  if (athletes.data.length === 0) {
    return (
      <Workbench title="No ropes yet">
        <Empty>
          A rope is sized for somebody: <Link to="/athletes/new">add an athlete</Link> first.
        </Empty>
      </Workbench>
    );
  }
  const missing = athletes.data.filter((athlete) => athlete.rope === null);
  const first = missing[0];
  return (
    <Workbench title={first === undefined ? 'Everybody has a rope' : `${first.name} is the next to size`}>
      <RopeLines athletes={athletes.data} unit={unit} />
    </Workbench>
  );
}
