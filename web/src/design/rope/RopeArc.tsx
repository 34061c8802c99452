import { ArcFigure, type Body, type Hands } from './ArcFigure';
import { HandGrip, type Place } from './HandGrip';
import styles from './RopeArc.module.css';

interface Point {
  xM: number;
  yM: number;
}

interface Arc {
  under: Point[];
  over: Point[];
}

interface Sentence {
  sentence: string;
}

/** A turning rope from the front as the core computed it, with what it says about it. */
export interface Turning {
  hands: Hands;
  arc: Arc;
  wideUnder: Point[] | null;
  draggingM: number;
  overHead: Sentence;
  atFloor: Sentence;
  wideHands: Sentence;
  unevenHands: Sentence;
  ceiling: Sentence;
}

interface Props {
  body: Body;
  turning: Turning;
  /** Where the hands are by now: the rope follows as soon as it is computed. */
  hands: Hands;
  handleLengthM: number;
  /** Height of the picture: the same while hands are dragged, or they would slip from under the pointer. */
  topM: number;
  /** "168 cm tall", "hands at 92 cm": already printed in the coach's unit. */
  labels: { stature: string; hands: string; left: string; right: string };
  onHand: (side: 'left' | 'right', outM: number, heightM: number) => void;
}

const CM = 100;
const HALF_WIDTH = 132;
const BELOW_FLOOR = 16;

/** Front view, true to scale. The rope stops at the floor; what would hang below it lies there and drags. */
export function RopeArc({ body, turning, hands, handleLengthM, topM, labels, onHand }: Props) {
  const highest = Math.max(...turning.arc.over.map((point) => point.yM));
  const top = topM * CM;
  const middle = ((hands.rightOutM - hands.leftOutM) / 2) * CM;
  const said = [
    turning.overHead,
    turning.atFloor,
    turning.wideHands,
    turning.unevenHands,
    turning.ceiling,
  ].map((part) => part.sentence);
  const grip = (side: 'left' | 'right', sign: number) => (at: Place) => onHand(side, sign * at.xM, at.yM);
  return (
    <svg viewBox={`${-HALF_WIDTH} ${-top} ${2 * HALF_WIDTH} ${top + BELOW_FLOOR}`} className={styles.view}>
      <g role="img" aria-label={`Rope and athlete from the front: ${said.join('; ')}.`}>
        <rect x={-HALF_WIDTH} y={0} width={2 * HALF_WIDTH} height={BELOW_FLOOR} className={styles.ground} />
        <line x1={-HALF_WIDTH} x2={HALF_WIDTH} y1={0} y2={0} className={styles.floor} />
        <Level at={highest} label={turning.overHead.sentence} />
        <Level at={body.statureM} label={labels.stature} />
        <Level at={(hands.leftHeightM + hands.rightHeightM) / 2} label={labels.hands} />
        <ArcFigure body={body} hands={hands} handleLengthM={handleLengthM} />
        <path d={line(turning.arc.over)} className={styles.overhead} />
        {turning.wideUnder !== null && <path d={line(turning.wideUnder)} className={styles.wide} />}
        <path d={line(turning.arc.under)} className={styles.rope} />
        {turning.draggingM > 0 && (
          <line
            x1={middle - (turning.draggingM / 2) * CM}
            x2={middle + (turning.draggingM / 2) * CM}
            y1={2.2}
            y2={2.2}
            className={styles.dragging}
          />
        )}
      </g>
      <HandGrip
        label="Left hand"
        said={labels.left}
        at={{ xM: -hands.leftOutM, yM: hands.leftHeightM }}
        onMove={grip('left', -1)}
      />
      <HandGrip
        label="Right hand"
        said={labels.right}
        at={{ xM: hands.rightOutM, yM: hands.rightHeightM }}
        onMove={grip('right', 1)}
      />
    </svg>
  );
}

/** A height with its name at the left edge. */
function Level({ at, label }: { at: number; label: string }) {
  return (
    <g>
      <line x1={-HALF_WIDTH} x2={-14} y1={-at * CM} y2={-at * CM} className={styles.level} />
      <text x={-HALF_WIDTH + 2} y={-at * CM - 3} className={styles.label}>
        {label}
      </text>
    </g>
  );
}

function line(points: Point[]): string {
  return points
    .map((point, i) => `${i === 0 ? 'M' : 'L'}${(point.xM * CM).toFixed(1)} ${(-point.yM * CM).toFixed(1)}`)
    .join('');
}
