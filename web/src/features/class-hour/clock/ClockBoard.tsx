import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { agreedTime, useEndClock, useMoveClock, type ClassClock, type Move } from '../../../api/classClock';
import { useBell } from '../../../design/beat/useBell';
import { ClassNav } from '../../../design/frame/ClassNav';
import { AtThumb } from '../../../design/page/AtThumb';
import { Workbench } from '../../../design/page/Workbench';
import { newId } from '../../../lib/ids';
import { useAgreedNow } from '../../../lib/useAgreedNow';
import { useSpace } from '../../../lib/useSpace';
import { useWakeLock } from '../../../lib/useWakeLock';
import { ClassLink } from './ClassLink';
import { ProgrammeRow } from './ProgrammeRow';
import { rowsOf, standingOf } from './standing';
import styles from './ClockBoard.module.css';

/** The clock that runs, on a coach's screen: every programme, and the touches that move it for everybody. */
export function ClockBoard({ clock }: { clock: ClassClock }) {
  const paused = clock.pausedAtMs !== null;
  const nowMs = useAgreedNow(agreedTime, !paused);
  const [asked, ask] = useState(false);
  const mover = useMoveClock();
  const ender = useEndClock();
  useWakeLock(!paused);
  const rows = rowsOf(clock.programmes);
  const standings = rows.map((row) => standingOf(clock, row, nowMs));
  const first = standings[0];
  useBell(standings.map(({ key }) => key).join(' '), first?.lastSeconds ?? 0, paused);
  const over = standings.every(({ tone }) => tone === 'over');
  const move = (one: Move) =>
    mover.mutate({ id: clock.id, move: one, change: { mutationId: newId(), version: clock.version } });
  useSpace(() => move(paused ? 'go' : 'pause'), !over);
  const end = () => ender.mutate({ id: clock.id, change: { mutationId: newId(), version: clock.version } });
  return (
    <Workbench
      title={titleOf(paused, over, rows.length, clock.movedBy)}
      nav={<ClassNav />}
      decision={
        <div className={styles.touches}>
          {!over && (
            <AtThumb>
              <Button type="primary" size="large" block onClick={() => move(paused ? 'go' : 'pause')}>
                {paused ? 'Go on' : 'Pause for everybody'}
              </Button>
            </AtThumb>
          )}
          {!over && (
            <div className={styles.pair}>
              <Button size="large" onClick={() => move('take')}>
                30 s less
              </Button>
              <Button size="large" onClick={() => move('add')}>
                30 s more
              </Button>
            </div>
          )}
          {!over && (
            <Button size="large" block onClick={() => move('skip')}>
              Skip to the next change
            </Button>
          )}
          {(mover.isError || ender.isError) && (
            <p role="alert">
              Not moved: {(mover.error ?? ender.error)?.message} The clock runs on as it was on every screen.
            </p>
          )}
          <Link to="/class/wall">Wall view</Link>
          <ClassLink link={clock.link} />
          {asked || over ? (
            <Button size="large" block danger onClick={end}>
              End it, and the athletes’ link
            </Button>
          ) : (
            <Button size="large" block onClick={() => ask(true)}>
              End the class clock
            </Button>
          )}
          {over && <Link to="/class/after">What the class did</Link>}
        </div>
      }
    >
      <ul className={styles.rows} aria-label="Programmes">
        {rows.map((row, i) => (
          <ProgrammeRow key={i} clock={clock} programme={row} nowMs={nowMs} />
        ))}
      </ul>
    </Workbench>
  );
}

function titleOf(paused: boolean, over: boolean, programmes: number, by: string): string {
  if (over) {
    return 'Everybody is through';
  }
  const what = programmes === 1 ? 'One programme' : `${programmes} programmes`;
  return paused ? `${what} paused by ${by}` : `${what} under one clock`;
}
