import { Button } from 'antd';
import { Link } from 'react-router';
import { useOutbox } from '../../api/OutboxProvider';
import { LogNav } from '../../design/frame/LogNav';
import { Card } from '../../design/page/Card';
import { Workbench } from '../../design/page/Workbench';
import { Empty } from '../../design/page/StateNote';
import styles from './LogPage.module.css';

/** What is not on the server: not sent yet, failed on and tried again, or refused with its reason. Nothing is dropped by itself. */
export function LogPage() {
  const { outbox, waiting } = useOutbox();
  const refused = waiting.filter((write) => write.refused !== undefined);
  const failed = waiting.filter((write) => write.failed !== undefined);
  const unsent = waiting.filter((write) => write.refused === undefined && write.failed === undefined);
  if (waiting.length === 0) {
    return (
      <Workbench title="Everything is on the server" nav={<LogNav />} decision={<Files />}>
        <Empty>
          What is logged without a network waits here, and is sent in its order when the network is back.
        </Empty>
      </Workbench>
    );
  }
  return (
    <Workbench
      title={titleOf(refused.length, failed.length, unsent.length)}
      nav={<LogNav />}
      decision={<Files />}
    >
      <ul className={styles.list}>
        {refused.map((write) => (
          <li key={write.order}>
            <p>
              <strong>{write.said}</strong> {write.refused}
            </p>
            <Button onClick={() => void outbox?.retry(write.order ?? -1)}>Try again</Button>
            <Button danger type="text" onClick={() => void outbox?.drop(write.order ?? -1)}>
              Drop {write.said}
            </Button>
          </li>
        ))}
        {failed.map((write) => (
          <li key={write.order}>
            <p>
              <strong>{write.said}</strong> the server failed on it
              {(write.failed?.times ?? 1) > 1 && `, ${write.failed?.times} times`}: it is tried again every
              half minute.
            </p>
            <Button onClick={() => void outbox?.retry(write.order ?? -1)}>Try now</Button>
          </li>
        ))}
        {unsent.map((write) => (
          <li key={write.order}>
            <p>
              <strong>{write.said}</strong> not sent yet
            </p>
          </li>
        ))}
      </ul>
    </Workbench>
  );
}

function titleOf(refused: number, failed: number, unsent: number): string {
  if (refused > 0) {
    return `${refused} refused: have a look`;
  }
  return failed > 0 ? `${failed} the server could not take yet` : `${unsent} kept here, not sent yet`;
}

/** The way to everything that is kept, as files. */
function Files() {
  return (
    <Card label="Files">
      <h2>Out and in</h2>
      <p>
        <Link to="/gym/files" className="touch">
          Export or import
        </Link>
      </p>
      <p>
        <Link to="/log/list" className="touch">
          A log out of a spreadsheet
        </Link>
      </p>
    </Card>
  );
}
