import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { agreedTime, useClassClock, type ClassClock } from '../../../api/classClock';
import { useBell } from '../../../design/beat/useBell';
import { Fetched } from '../../../design/page/Fetched';
import { usePageHead } from '../../../design/page/usePageHead';
import { useAgreedNow } from '../../../lib/useAgreedNow';
import { useWakeLock } from '../../../lib/useWakeLock';
import { rowsOf, standingOf } from './standing';
import { WallRow } from './WallRow';
import styles from './Wall.module.css';

/** Rows that are read from the other end of the hall; more of them take turns. */
const ROWS = 14;
const TURN_MS = 8000;

/** The wall: dark, the running strips of all programmes first, phase and time beside them. */
export function WallPage() {
  const running = useClassClock();
  return (
    <Fetched fetch={running} place="Wall" what="the clock of the class">
      {({ clock }) => (clock === null ? <NothingRuns /> : <Wall clock={clock} />)}
    </Fetched>
  );
}

function NothingRuns() {
  const heading = usePageHead('No clock runs');
  return (
    <main id="main" className={styles.wall}>
      <h1 ref={heading} tabIndex={-1} className={styles.nothing}>
        No clock runs. It shows here as soon as a coach starts it.
      </h1>
      <p>
        <Link to="/class/clock">To the clock</Link>
      </p>
    </main>
  );
}

function Wall({ clock }: { clock: ClassClock }) {
  const paused = clock.pausedAtMs !== null;
  const nowMs = useAgreedNow(agreedTime, !paused);
  useWakeLock(true);
  const rows = rowsOf(clock.programmes);
  const standings = rows.map((row) => standingOf(clock, row, nowMs));
  useBell(standings.map(({ key }) => key).join(' '), standings[0]?.lastSeconds ?? 0, paused);
  const pages = Math.ceil(rows.length / ROWS);
  const page = useTurns(pages);
  const shown = rows.slice(page * ROWS, (page + 1) * ROWS);
  const heading = usePageHead('Wall');
  return (
    <main id="main" className={styles.wall} data-rows={shown.length > 5 ? 'many' : 'few'}>
      <h1 ref={heading} tabIndex={-1} className={styles.hidden}>
        The class under one clock
      </h1>
      {paused && (
        <p className={styles.paused} role="status">
          Paused
        </p>
      )}
      <ul className={styles.rows} aria-label="Programmes">
        {shown.map((row, i) => (
          <WallRow key={i} clock={clock} programme={row} nowMs={nowMs} />
        ))}
      </ul>
      <p className={styles.back}>
        <Link to="/class/clock">To the clock</Link>{' '}
        <button type="button" onClick={() => void document.documentElement.requestFullscreen()}>
          Full screen
        </button>
      </p>
    </main>
  );
}

function useTurns(pages: number): number {
  const [turn, setTurn] = useState(0);
  useEffect(() => {
    if (pages < 2) {
      return;
    }
    const timer = setInterval(() => setTurn((one) => one + 1), TURN_MS);
    return () => clearInterval(timer);
  }, [pages]);
  return pages < 2 ? 0 : turn % pages;
}
