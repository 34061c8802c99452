import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import { useTakeReport } from '../../../api/recordings';
import { useReadTake, type TakeReport } from '../../../api/rhythm';
import { useTapping } from './useTapping';
import { LogTake } from '../take/LogTake';
import { TakePicture } from '../take/TakePicture';
import { TakeVerdict } from '../take/TakeVerdict';
import styles from './TapPad.module.css';

/** Tap each landing, and each turn if you can: the count runs along, and then one thing to change is said. */
export function TapPad({ target }: { target: string }) {
  const { taps, tap, clear } = useTapping();
  const read = useReadTake();
  const latest = useRef(tap);
  useEffect(() => {
    latest.current = tap;
  });
  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.repeat) {
        return;
      }
      if (event.key === 'j' || event.key === 'f') {
        event.preventDefault();
        latest.current(event.key === 'j' ? 'landing' : 'turn', event.timeStamp);
      }
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, []);
  const count = taps.landingsS.length;
  const live = useTakeReport(taps, null, null).data;
  // Without turns there is nothing to compare with the pattern.
  const compared = taps.turnsS.length > 0;
  return (
    <section aria-label="Tap along" className={styles.tap}>
      <h2>Tap along</h2>
      <div className={styles.pads}>
        <button
          type="button"
          className={styles.pad}
          onPointerDown={(event) => tap('landing', event.timeStamp)}
        >
          Landing <kbd>J</kbd>
        </button>
        <button type="button" className={styles.pad} onPointerDown={(event) => tap('turn', event.timeStamp)}>
          Turn <kbd>F</kbd>
        </button>
      </div>
      <p aria-live="polite" className={styles.live}>
        {count === 0
          ? 'Tap when the feet land, and when the rope meets the floor.'
          : liveLine(count - 1, count > 1 ? live : undefined)}
      </p>
      <div className={styles.buttons}>
        <Button
          type="primary"
          disabled={count < 2}
          loading={read.isPending}
          onClick={() => read.mutate({ ...taps, target: compared ? target : null })}
        >
          Show result
        </Button>
        <Button
          disabled={count === 0 && taps.turnsS.length === 0}
          onClick={() => {
            clear();
            read.reset();
          }}
        >
          Tap anew
        </Button>
      </div>
      {read.error !== null && <p role="alert">{read.error.message}</p>}
      {read.data !== undefined && <TakePicture marks={taps} passes={read.data.passes} wave={null} />}
      {read.data !== undefined && (
        <TakeVerdict take={read.data}>
          <LogTake take={read.data} onLogged={clear} />
        </TakeVerdict>
      )}
    </section>
  );
}

/** Jumps are taps; how fast and how even they are, the core says. */
function liveLine(jumps: number, live: TakeReport | undefined): string {
  const parts = [live?.counts.sentence ?? `${jumps} ${jumps === 1 ? 'jump' : 'jumps'}`];
  if (typeof live?.cadencePerMin === 'number') {
    parts.push(`${live.cadencePerMin.toFixed(0)} a minute`);
  }
  if (typeof live?.variation === 'number') {
    parts.push(`uneven by ${(100 * live.variation).toFixed(1)} %`);
  }
  return parts.join(' · ');
}
