import { useEffect, useRef } from 'react';
import type { BeatHead } from '../../lib/beatHead';
import { BASE, BeatArcs, type DrawnBeat, type StripBeat } from './BeatArcs';
import { FootworkNames, NAMES_HEIGHT } from './FootworkNames';
import styles from './BeatStrip.module.css';

interface Props {
  beats: StripBeat[];
  /** What the strip says, for those who hear it: "3 singles, 1 double". */
  text: string;
  /** Where the beat is, while it plays. */
  head?: BeatHead;
  /** Small: on the plan of the hall. */
  small?: boolean;
}

/** More than this is too fine to see: the strip shows the beginning and says so. The hall is sent one more. */
const MOST_DRAWN = 16;
const HEIGHT = 40;
const PER_SECOND = 42;
const REST_MOST_S = 1.2;

/** The product's own notation: dots are landings, arcs are turns; a rest is a bar. Shape alone is enough. */
export function BeatStrip({ beats, text, head, small = false }: Props) {
  const drawn = place(beats.slice(0, MOST_DRAWN));
  const width = drawn.reduce((sum, beat) => sum + beat.width, 0) + 16;
  const cut = beats.length > MOST_DRAWN;
  // On the plan of the hall the names would be too small to read; the text has them.
  const named = !small && drawn.some((beat) => (beat.footwork ?? null) !== null);
  const height = HEIGHT + (named ? NAMES_HEIGHT : 0);
  return (
    <svg
      className={small ? styles.small : styles.strip}
      viewBox={`0 0 ${width + (cut ? 18 : 0)} ${height}`}
      role="img"
      aria-label={text}
      preserveAspectRatio="xMinYMid meet"
    >
      <line x1={0} x2={width} y1={BASE + 3.5} y2={BASE + 3.5} className={styles.floor} />
      <BeatArcs drawn={drawn} />
      <circle cx={width - 8} cy={BASE} r={2.4} className={styles.dot} />
      {named && <FootworkNames drawn={drawn} y={HEIGHT + NAMES_HEIGHT - 4} />}
      {cut && (
        <text x={width} y={BASE} className={styles.more}>
          …
        </text>
      )}
      {head !== undefined && <Head head={head} drawn={drawn} />}
    </svg>
  );
}

/** Moved by itself: nothing else is drawn anew while the beat runs. */
function Head({ head, drawn }: { head: BeatHead; drawn: DrawnBeat[] }) {
  const line = useRef<SVGLineElement>(null);
  useEffect(() => {
    const move = () => {
      const x = head.now === null ? null : headX(drawn, head.now);
      line.current?.setAttribute('visibility', x === null ? 'hidden' : 'visible');
      line.current?.style.setProperty('transform', `translate(${(x ?? 0).toFixed(2)}px, 0)`);
    };
    move();
    return head.subscribe(move);
  }, [head, drawn]);
  return <line ref={line} visibility="hidden" y1={2} y2={HEIGHT - 1} className={styles.head} />;
}

function place(beats: StripBeat[]): DrawnBeat[] {
  let x = 8;
  return beats.map((beat) => {
    const seconds = beat.kind === null ? Math.min(beat.endS - beat.atS, REST_MOST_S) : beat.endS - beat.atS;
    const drawn = { ...beat, x, width: seconds * PER_SECOND };
    x += drawn.width;
    return drawn;
  });
}

function headX(drawn: DrawnBeat[], at: number): number | null {
  const beat = drawn.find((one) => at >= one.atS && at < one.endS);
  return beat === undefined ? null : beat.x + ((at - beat.atS) / (beat.endS - beat.atS)) * beat.width;
}
