import styles from './BeatStrip.module.css';

export interface StripBeat {
  /** s single, S tall, q quick, d double, t triple; null a rest. */
  kind: string | null;
  atS: number;
  endS: number;
}

interface Props {
  beats: StripBeat[];
  /** What the strip says, for those who hear it: "3 singles, 1 double". */
  text: string;
  /** Where the head is, in seconds of the pattern; null while nothing plays. */
  headS?: number | null;
  /** Small: on the plan of the hall. */
  small?: boolean;
}

/** More than this is too fine to see: the strip shows the beginning and says so. */
const MOST_DRAWN = 16;
const HEIGHT = 40;
const BASE = 32;
const PER_SECOND = 42;
const REST_MOST_S = 1.2;

const heights: Record<string, number[]> = { s: [11], S: [17], q: [8], d: [22, 12], t: [26, 18, 10] };

interface Drawn extends StripBeat {
  x: number;
  width: number;
}

/** The product's own notation: dots are landings, arcs are turns; a rest is a bar. Shape alone is enough. */
export function BeatStrip({ beats, text, headS = null, small = false }: Props) {
  const drawn = place(beats.slice(0, MOST_DRAWN));
  const width = drawn.reduce((sum, beat) => sum + beat.width, 0) + 16;
  const cut = beats.length > MOST_DRAWN;
  const head = headS === null ? null : headX(drawn, headS);
  return (
    <svg
      className={small ? styles.small : styles.strip}
      viewBox={`0 0 ${width + (cut ? 18 : 0)} ${HEIGHT}`}
      role="img"
      aria-label={text}
      preserveAspectRatio="xMinYMid meet"
    >
      <line x1={0} x2={width} y1={BASE + 3.5} y2={BASE + 3.5} className={styles.floor} />
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
          <g key={i} className={beat.kind === 'd' || beat.kind === 't' ? styles.double : styles.single}>
            {(heights[beat.kind] ?? [11]).map((height, nth) => (
              <path key={nth} d={arc(beat.x + nth * 3, beat.width - nth * 6, height)} />
            ))}
          </g>
        ),
      )}
      {drawn.map(
        (beat, i) =>
          beat.kind !== null && <circle key={i} cx={beat.x} cy={BASE} r={2.4} className={styles.dot} />,
      )}
      <circle cx={width - 8} cy={BASE} r={2.4} className={styles.dot} />
      {cut && (
        <text x={width} y={BASE} className={styles.more}>
          …
        </text>
      )}
      {head !== null && <line x1={head} x2={head} y1={2} y2={HEIGHT - 1} className={styles.head} />}
    </svg>
  );
}

function place(beats: StripBeat[]): Drawn[] {
  let x = 8;
  return beats.map((beat) => {
    const seconds = beat.kind === null ? Math.min(beat.endS - beat.atS, REST_MOST_S) : beat.endS - beat.atS;
    const drawn = { ...beat, x, width: seconds * PER_SECOND };
    x += drawn.width;
    return drawn;
  });
}

function arc(x: number, width: number, height: number): string {
  return `M${x.toFixed(1)} ${BASE} C${(x + width * 0.12).toFixed(1)} ${BASE - height * 1.33} ${(x + width * 0.88).toFixed(1)} ${BASE - height * 1.33} ${(x + width).toFixed(1)} ${BASE}`;
}

function headX(drawn: Drawn[], at: number): number | null {
  const beat = drawn.find((one) => at >= one.atS && at < one.endS);
  return beat === undefined ? null : beat.x + ((at - beat.atS) / (beat.endS - beat.atS)) * beat.width;
}
