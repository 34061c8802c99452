import { lazy, Suspense, useCallback, useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { NavLink, useLocation } from 'react-router';
import { useLive } from '../api/live';
import { useOutbox } from '../api/OutboxProvider';
import { useMe, useSignOut } from '../api/session';
import { whenNoted } from '../design/page/notes';
import { PlainButton } from '../design/page/PlainButton';
import { readRun } from '../lib/setRun';
import type { DialogsProps } from './Dialogs';
import { places } from './placeList';
import { usePlace } from './usePlace';
import { useShortcuts } from './useShortcuts';
import styles from './Shell.module.css';

const NotesHost = lazy(() =>
  import('../design/page/NotesHost').then((door) => ({ default: door.NotesHost })),
);

/** The hall comes first; whoever types `/` and goes on typing finds the dialog there. */
const DIALOGS_AFTER_MS = 2000;

/** The slim header with the eight places, and what can be done from everywhere. */
export function Shell({ children }: { children: ReactNode }) {
  const me = useMe();
  const { waiting } = useOutbox();
  useLive();
  usePlace();
  const signOut = useSignOut();
  const [dialog, setDialog] = useState<DialogsProps['open']>('none');
  const [Dialogs, setDialogs] = useState<ComponentType<DialogsProps> | null>(null);
  const [noted, setNoted] = useState(false);
  useEffect(() => whenNoted(() => setNoted(true)), []);
  const load = useCallback(() => {
    // Away from the network the next try brings them.
    void import('./Dialogs').then(
      (door) => setDialogs(() => door.Dialogs),
      () => undefined,
    );
  }, []);
  useEffect(() => {
    const timer = setTimeout(load, DIALOGS_AFTER_MS);
    return () => clearTimeout(timer);
  }, [load]);
  const open = (one: 'keys' | 'find') => {
    load();
    setDialog(one);
  };
  useShortcuts({ onHelp: () => open('keys'), onFind: () => open('find') });
  const close = () => setDialog('none');
  return (
    <>
      <a className={styles.skip} href="#main">
        To the page
      </a>
      <header className={styles.header}>
        <NavLink to="/class" className={styles.mark ?? ''}>
          Zumbo
        </NavLink>
        <nav aria-label="Places" className={styles.places}>
          {places.map((place) => (
            <NavLink
              key={place.path}
              to={place.path}
              className={({ isActive }) => (isActive ? styles.here : styles.place) ?? ''}
            >
              {place.name}
            </NavLink>
          ))}
        </nav>
        <div className={styles.who}>
          <NavLink to="/gym" className={styles.gym ?? ''} title="Settings, people, files, your sign-in">
            {me.data?.gym?.name}
            {me.data?.gym?.demo === true && ' (demo)'}
          </NavLink>
          <OnTheClock userId={me.data?.coach?.id} />
          <Sent
            waiting={waiting.length}
            refused={waiting.filter((write) => write.refused !== undefined).length}
          />
          <PlainButton quiet onClick={() => open('keys')} aria-label="Help and keys">
            ?
          </PlainButton>
          <PlainButton quiet onClick={() => signOut.mutate()}>
            Sign out
          </PlainButton>
        </div>
      </header>
      {children}
      <Suspense fallback={null}>{noted && <NotesHost />}</Suspense>
      {Dialogs !== null && <Dialogs open={dialog} onClose={close} />}
    </>
  );
}

/** The way back to a set that runs. */
function OnTheClock({ userId }: { userId: string | undefined }) {
  const { pathname } = useLocation();
  const run = userId === undefined ? null : readRun(userId);
  return run === null || pathname === '/sets/run' || pathname === '/pacing/run' ? null : (
    <NavLink to="/sets/run" className={styles.running ?? ''}>
      {run.name} on the clock
    </NavLink>
  );
}

/** Whether everything is on the server; leads to what is not. */
function Sent({ waiting, refused }: { waiting: number; refused: number }) {
  if (waiting === 0) {
    return (
      <span className={styles.sent} role="status">
        all sent
      </span>
    );
  }
  return (
    <NavLink to="/log" className={styles.unsent ?? ''}>
      <span role="status">{refused > 0 ? `${refused} refused` : `${waiting} not sent yet`}</span>
    </NavLink>
  );
}
