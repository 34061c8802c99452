import { Link, Navigate } from 'react-router';
import { useMe } from '../../api/session';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { IntervalOnClock } from './interval/IntervalOnClock';
import { LadderOnClock } from './ladder/LadderOnClock';
import { StepsOnClock } from './game/StepsOnClock';
import { useRun } from '../../lib/useRun';

/** A set that runs with the clock; readable from the other end of the hall. */
export function RunPage() {
  const userId = useMe().data?.coach?.id ?? '';
  return userId === '' ? null : <OnClock key={userId} userId={userId} />;
}

function OnClock({ userId }: { userId: string }) {
  const clock = useRun(userId);
  if (clock.run === null) {
    return (
      <Workbench title="No set is on the clock">
        <Empty>
          Build a ladder or an interval set first: <Link to="/sets">to the sets</Link>.
        </Empty>
      </Workbench>
    );
  }
  switch (clock.run.kind) {
    case 'ladder':
      return <LadderOnClock run={clock.run} clock={clock} />;
    case 'intervals':
      return <IntervalOnClock run={clock.run} clock={clock} />;
    case 'paced':
      return <Navigate to="/pacing/run" replace />;
    case 'steps':
      return <StepsOnClock run={clock.run} clock={clock} />;
  }
}
