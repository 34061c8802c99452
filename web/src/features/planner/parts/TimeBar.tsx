import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Part } from '../../../api/practice';
import { formatDuration } from '../../../lib/duration';
import styles from '../planner.module.css';

interface Props {
  parts: readonly Part[];
  locked: boolean;
  /** Lengths in seconds by part: of the two on both sides of what was dragged. */
  onSet: (lengths: ReadonlyMap<string, number>) => void;
}

const STEP_S = 30;

/** The practice on one line, each part as long as it takes; the ends between two parts are dragged, or moved by arrow keys. */
export function TimeBar({ parts, locked, onSet }: Props) {
  const bar = useRef<HTMLDivElement>(null);
  const [moved, setMoved] = useState<{ at: number; by: number } | null>(null);
  const total = parts.reduce((sum, part) => sum + part.seconds, 0);
  const lengths = parts.map((part, i) => part.seconds + shift(moved, i));
  const within = (at: number, by: number) =>
    Math.max(STEP_S - (parts[at]?.seconds ?? 0), Math.min(by, (parts[at + 1]?.seconds ?? 0) - STEP_S));
  const tell = (at: number, by: number) => {
    const [left, right] = [parts[at], parts[at + 1]];
    if (by !== 0 && left !== undefined && right !== undefined) {
      onSet(
        new Map([
          [left.part, left.seconds + by],
          [right.part, right.seconds - by],
        ]),
      );
    }
    setMoved(null);
  };
  const drag = (at: number) => ({
    onPointerDown: (event: PointerEvent<HTMLSpanElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setMoved({ at, by: 0 });
    },
    onPointerMove: (event: PointerEvent<HTMLSpanElement>) => {
      const box = bar.current?.getBoundingClientRect();
      if (moved?.at !== at || box === undefined) {
        return;
      }
      const before = parts.slice(0, at + 1).reduce((sum, part) => sum + part.seconds, 0);
      const asked = ((event.clientX - box.left) / box.width) * total - before;
      setMoved({ at, by: within(at, STEP_S * Math.round(asked / STEP_S)) });
    },
    onPointerUp: () => tell(at, moved?.by ?? 0),
    onPointerCancel: () => setMoved(null),
    onKeyDown: (event: KeyboardEvent) => {
      const by = event.key === 'ArrowRight' ? STEP_S : event.key === 'ArrowLeft' ? -STEP_S : 0;
      if (by !== 0) {
        event.preventDefault();
        tell(at, within(at, by));
      }
    },
  });
  return (
    <div className={styles.bar} ref={bar} role="group" aria-label="The practice in time">
      {parts.map((part, i) => (
        <div
          key={part.part}
          className={styles.stretch}
          data-part={part.part}
          style={{ flexGrow: lengths[i] ?? 0 }}
        >
          <span>{part.title}</span>
          <strong>{formatDuration(lengths[i] ?? 0)}</strong>
          {!locked && i < parts.length - 1 && (
            <span
              className={styles.end}
              role="slider"
              tabIndex={0}
              aria-label={`End of ${part.title}`}
              aria-orientation="horizontal"
              aria-valuemin={STEP_S}
              aria-valuemax={part.seconds + (parts[i + 1]?.seconds ?? 0) - STEP_S}
              aria-valuenow={lengths[i] ?? 0}
              aria-valuetext={`${part.title} ${formatDuration(lengths[i] ?? 0)}`}
              {...drag(i)}
            />
          )}
        </div>
      ))}
    </div>
  );
}

function shift(moved: { at: number; by: number } | null, i: number): number {
  return moved === null ? 0 : i === moved.at ? moved.by : i === moved.at + 1 ? -moved.by : 0;
}
