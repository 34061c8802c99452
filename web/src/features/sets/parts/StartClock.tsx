import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { useMe } from '../../../api/session';
import { keepRun, readRun, type SetRun } from '../../../lib/setRun';
import { AtThumb } from '../../../design/page/AtThumb';

interface Props {
  athlete: Athlete;
  /** The set as it will be run, its clock started now. */
  run: () => SetRun;
}

/** The one action: start the clock. A set that still runs is gone back to, never thrown away unasked. */
export function StartClock({ athlete, run }: Props) {
  const userId = useMe().data?.coach?.id ?? '';
  const navigate = useNavigate();
  if (athlete.allowance.jumping !== 'all') {
    return <p role="note">{athlete.allowance.public?.sentence}</p>;
  }
  const running = readRun(userId);
  if (running !== null) {
    return (
      <p>
        {running.name}’s {running.title.toLowerCase()} is still on the clock:{' '}
        <Link to="/sets/run">back to it</Link>.
      </p>
    );
  }
  const start = () => {
    keepRun(userId, run());
    void navigate('/sets/run');
  };
  return (
    <AtThumb>
      <Button type="primary" size="large" block onClick={start}>
        Start the clock
      </Button>
    </AtThumb>
  );
}
