import { Input } from 'antd';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Pacing } from '../../../api/pacing';
import { SetPlanStrip } from '../../../design/beat/SetPlanStrip';
import { formatDuration } from '../../../lib/duration';
import { moved, placesOf, type Moved } from './bending';
import styles from '../pacing.module.css';

type Bend = NonNullable<Pacing['bend']>;

interface Props {
  bend: Bend;
  /** With the best plan. */
  bestS: number;
  /** "20-15-15"; empty: as they are best. */
  onSets: (sets: string) => void;
  refused: string | null;
}

/** The sets of the first doubles: a break is dragged or moved by arrow keys, or all are typed; the cost goes along at once. */
export function BendStrip({ bend, bestS, onSets, refused }: Props) {
  const strip = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<Moved | null>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const { sets, expectedS } = moved(bend, drag);
  const reps = bend.sets.reduce((sum, one) => sum + one, 0);
  const tell = (at: Moved | null) => {
    setDrag(null);
    if (at !== null) {
      onSets(moved(bend, at).sets.join('-'));
    }
  };
  const handle = (nth: number, place: number) => ({
    onPointerDown: (event: PointerEvent<HTMLSpanElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrag({ nth, place });
    },
    onPointerMove: (event: PointerEvent<HTMLSpanElement>) => {
      const box = strip.current?.getBoundingClientRect();
      if (drag?.nth === nth && box !== undefined) {
        setDrag({ nth, place: Math.round(((event.clientX - box.left) / box.width) * reps) });
      }
    },
    onPointerUp: () => tell(drag),
    onPointerCancel: () => setDrag(null),
    onKeyDown: (event: KeyboardEvent) => {
      const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
      if (by !== 0) {
        event.preventDefault();
        tell({ nth, place: place + by });
      }
    },
  });
  const costS = expectedS - bestS;
  return (
    <div className={styles.bend}>
      <SetPlanStrip plan={sets} />
      {sets.length > 1 && (
        <div className={styles.rail} ref={strip}>
          {placesOf(sets).map((place, nth) => (
            <span
              key={nth}
              className={styles.break}
              style={{ left: `${String((100 * place) / reps)}%` }}
              role="slider"
              tabIndex={0}
              aria-label={`Break ${String(nth + 1)}`}
              aria-valuemin={1}
              aria-valuemax={reps - 1}
              aria-valuenow={place}
              aria-valuetext={`after ${String(place)} of ${String(reps)}`}
              {...handle(nth, place)}
            />
          ))}
        </div>
      )}
      <p className={styles.cost} aria-live="polite">
        <strong>{sets.join('-')}</strong>: {formatDuration(expectedS)},{' '}
        {costS < 0.5 ? 'as good as the best' : `${costS.toFixed(1)} s more than the best`}
      </p>
      <form
        className={styles.keep}
        onSubmit={(event) => {
          event.preventDefault();
          onSets(typed ?? '');
          setTyped(null);
        }}
      >
        <Input
          aria-label="Sets, like 20-15-15"
          placeholder="20-15-15"
          value={typed ?? ''}
          onChange={(event) => setTyped(event.target.value)}
        />
      </form>
      {refused !== null && <p role="alert">{refused}</p>}
    </div>
  );
}
