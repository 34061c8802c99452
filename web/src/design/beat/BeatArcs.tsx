import styles from './BeatStrip.module.css';

export interface StripBeat {
  /** s single, S tall, q quick, d double, t triple, x a miss; null a rest. */
  kind: string | null;
  atS: number;
  endS: number;
  /** What feet or hands do beside it: "boxer step". */
  footwork?: string | null;
}

/** A beat in its place on the strip. */
export interface DrawnBeat extends StripBeat {
  x: number;
  width: number;
}

/** Where the floor is. */
export const BASE = 32;

const heights: Record<string, number[]> = { s: [11], S: [17], q: [8], d: [22, 12], t: [26, 18, 10] };

/** A dot for each landing, an arc for each turn, a bar for a rest, half an arc for a miss. */
export function BeatArcs({ drawn }: { drawn: DrawnBeat[] }) {
  return (
    <>
      {drawn.map((beat, i) =>
        beat.kind === null ? (
          <rect
            key={i}
            x={beat.x + 2}
            y={BASE - 3}
            width={beat.width - 4}
            height={5}
            className={styles.rest}
          />
        ) : (
          <g key={i} className={classOf(beat.kind)}>
            {beat.kind === 'x' && <path d={brokenOff(beat.x, beat.width)} />}
            {beat.kind !== 'x' &&
              (heights[beat.kind] ?? [11]).map((height, nth) => (
                <path key={nth} d={arc(beat.x + nth * 3, beat.width - nth * 6, height)} />
              ))}
          </g>
        ),
      )}
      {drawn.map(
        (beat, i) =>
          beat.kind !== null && <circle key={i} cx={beat.x} cy={BASE} r={2.4} className={styles.dot} />,
      )}
    </>
  );
}

function classOf(kind: string): string | undefined {
  return kind === 'x' ? styles.miss : kind === 'd' || kind === 't' ? styles.double : styles.single;
}

/** Half an arc and a short tick: the rope did not come through. */
function brokenOff(x: number, width: number): string {
  const middle = x + Math.min(width / 2, 14);
  return `M${x.toFixed(1)} ${BASE} Q${(x + 3).toFixed(1)} ${BASE - 14} ${middle.toFixed(1)} ${BASE - 13} m-3 -4 l6 8`;
}

function arc(x: number, width: number, height: number): string {
  return `M${x.toFixed(1)} ${BASE} C${(x + width * 0.12).toFixed(1)} ${BASE - height * 1.33} ${(x + width * 0.88).toFixed(1)} ${BASE - height * 1.33} ${(x + width).toFixed(1)} ${BASE}`;
}
