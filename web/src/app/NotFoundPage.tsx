import { Link, useLocation } from 'react-router';
import { Empty } from '../design/page/StateNote';
import { Workbench } from '../design/page/Workbench';

/** An address that leads nowhere: which, and the way on. */
export function NotFoundPage() {
  const { pathname } = useLocation();
  return (
    <Workbench title="There is no page at this address">
      <Empty>
        Nothing is at {pathname}. <Link to="/class">Go to Class</Link>.
      </Empty>
    </Workbench>
  );
}
