import { Button, Input } from 'antd';
import { href } from '../../../api/client';
import { useCalendarLinks, useMakeCalendarLink, useTakeBackCalendarLink } from '../../../api/calendars';
import { Card } from '../../../design/page/Card';
import styles from '../weeks.module.css';

/** As a file, and under private addresses that a calendar subscribes to. */
export function CalendarLinks({ athleteId, of }: { athleteId: string | null; of: string }) {
  const links = useCalendarLinks();
  const make = useMakeCalendarLink();
  const takeBack = useTakeBackCalendarLink();
  const own = (links.data?.links ?? []).filter((link) => link.athleteId === athleteId);
  const file =
    athleteId === null
      ? href('/api/calendar.ics')
      : href('/api/athletes/{id}/calendar.ics', { path: { id: athleteId } });
  const failed = make.error ?? takeBack.error ?? links.error;
  return (
    <Card label="For a calendar">
      <h2>For a calendar</h2>
      <p>
        <a href={file} download className="touch">
          {`As a file: ${of}`}
        </a>
      </p>
      {own.map((link) => (
        <div key={link.id} className={styles.address}>
          <Input
            readOnly
            value={`${window.location.origin}${link.path}`}
            aria-label={`Address of ${of}`}
            onFocus={(event) => event.target.select()}
          />
          <Button disabled={takeBack.isPending} onClick={() => takeBack.mutate(link)}>
            Take it back
          </Button>
        </div>
      ))}
      <Button loading={make.isPending} onClick={() => make.mutate(athleteId)}>
        Make a private address
      </Button>
      <p>
        Whoever has the address reads the days, without an account, until you take it back. It holds no
        health.
      </p>
      {failed !== null && <p role="alert">{failed.message}</p>}
    </Card>
  );
}
