import { useState } from 'react';
import { useLocation } from 'react-router';
import { ProblemError } from '../../../api/client';
import { agreedTime, readClassLink, useLinkedClock, type ClassClock } from '../../../api/classClock';
import { useBell } from '../../../design/beat/useBell';
import { usePageHead } from '../../../design/page/usePageHead';
import { useAgreedNow } from '../../../lib/useAgreedNow';
import { useWakeLock } from '../../../lib/useWakeLock';
import { ProgrammeRow } from './ProgrammeRow';
import { standingOf } from './standing';
import styles from './ClassLinkPage.module.css';

/** The clock on an athlete's own phone: read only, first names, until the class ends. */
export function ClassLinkPage() {
  const { hash } = useLocation();
  const link = readClassLink(hash);
  const found = useLinkedClock(link);
  if (link === null || (found.isError && found.error instanceof ProblemError)) {
    return (
      <Over said={found.error?.message ?? 'This link was not copied whole. Ask your coach for it again.'} />
    );
  }
  return found.data === undefined ? (
    <main id="main" className={styles.page}>
      <h1>The class’s clock</h1>
      <p role="status">
        {found.isError ? 'No network yet: it shows as soon as there is.' : 'Fetching the clock …'}
      </p>
    </main>
  ) : (
    <OnPhone clock={found.data} away={found.isError} />
  );
}

function Over({ said }: { said: string }) {
  const heading = usePageHead('The class is over');
  return (
    <main id="main" className={styles.page}>
      <h1 ref={heading} tabIndex={-1}>
        No class at this link
      </h1>
      <p>{said}</p>
    </main>
  );
}

function OnPhone({ clock, away }: { clock: ClassClock; away: boolean }) {
  const paused = clock.pausedAtMs !== null;
  const nowMs = useAgreedNow(agreedTime, !paused);
  useWakeLock(true);
  const [mine, choose] = useState<number>(0);
  const programme = clock.programmes[mine] ?? clock.programmes[0];
  const at = programme === undefined ? null : standingOf(clock, programme, nowMs);
  useBell(at?.key ?? '', at?.lastSeconds ?? 0, paused);
  const heading = usePageHead('The class’s clock');
  return (
    <main id="main" className={styles.page}>
      <h1 ref={heading} tabIndex={-1}>
        {paused ? 'Paused' : (programme?.title ?? 'The class’s clock')}
      </h1>
      {away && <p role="status">No network: the clock runs on by itself.</p>}
      {programme !== undefined && (
        <ul className={styles.mine} aria-label="Yours">
          <ProgrammeRow clock={clock} programme={programme} nowMs={nowMs} />
        </ul>
      )}
      {clock.programmes.length > 1 && (
        <fieldset className={styles.others}>
          <legend>Which is yours?</legend>
          {clock.programmes.map((one, i) => (
            <button
              key={i}
              type="button"
              className={styles.other}
              aria-pressed={i === mine}
              onClick={() => choose(i)}
            >
              <strong>{one.title}</strong> {one.people.map((person) => person.firstName).join(', ')}
            </button>
          ))}
        </fieldset>
      )}
    </main>
  );
}
