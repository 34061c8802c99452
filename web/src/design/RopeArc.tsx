import { ArcFigure, type Body } from './ArcFigure';
import styles from './RopeArc.module.css';

interface Point {
  xM: number;
  yM: number;
}

interface Arc {
  handSpanM: number;
  depthM: number;
  points: Point[];
}

interface Sentence {
  sentence: string;
}

/** A turning rope as the core computed it, with what it says about it. */
export interface Turning {
  arc: Arc;
  wideArc: Arc | null;
  headClearanceM: number;
  draggingM: number;
  overHead: Sentence;
  atFloor: Sentence;
  wideHands: Sentence;
  ceiling: Sentence;
}

interface Props {
  body: Body;
  turning: Turning;
  handleLengthM: number;
  /** "168 cm tall", "hands at 92 cm": already printed in the coach's unit. */
  labels: { stature: string; hands: string };
}

const CM = 100;
const HALF_WIDTH = 150;
const BELOW_FLOOR = 34;

/** Front view, true to scale. The rope stops at the floor; what would hang below it lies there and drags. */
export function RopeArc({ body, turning, handleLengthM, labels }: Props) {
  const hands = body.handHeightM;
  const top = (hands + turning.arc.depthM) * CM + 22;
  const y = (metres: number) => -metres * CM;
  const said = [turning.overHead, turning.atFloor, turning.wideHands, turning.ceiling].map(
    (part) => part.sentence,
  );
  return (
    <figure className={styles.frame}>
      <svg
        viewBox={`${-HALF_WIDTH} ${-top} ${2 * HALF_WIDTH} ${top + BELOW_FLOOR}`}
        role="img"
        aria-label={`Rope and athlete from the front: ${said.join('; ')}.`}
      >
        <rect x={-HALF_WIDTH} y={0} width={2 * HALF_WIDTH} height={BELOW_FLOOR} className={styles.ground} />
        <line x1={-HALF_WIDTH} x2={HALF_WIDTH} y1={0} y2={0} className={styles.floor} />
        <Level at={hands + turning.arc.depthM} label={turning.overHead.sentence} />
        <Level at={body.statureM} label={labels.stature} />
        <Level at={hands} label={labels.hands} />
        <ArcFigure body={body} halfSpanM={turning.arc.handSpanM / 2} handleLengthM={handleLengthM} />
        <path d={line(turning.arc.points, (below) => y(hands + below))} className={styles.overhead} />
        {turning.wideArc !== null && (
          <path d={cutAtFloor(turning.wideArc.points, hands)} className={styles.wide} />
        )}
        <path d={cutAtFloor(turning.arc.points, hands)} className={styles.rope} />
        {turning.draggingM > 0 && (
          <line
            x1={(-turning.draggingM / 2) * CM}
            x2={(turning.draggingM / 2) * CM}
            y1={2.2}
            y2={2.2}
            className={styles.dragging}
          />
        )}
        {[-1, 1].map((side) => (
          <circle
            key={side}
            cx={(side * turning.arc.handSpanM * CM) / 2}
            cy={y(hands)}
            r={3.4}
            className={styles.tip}
          />
        ))}
      </svg>
      <figcaption className={styles.legend}>
        <span className={styles.legendRope}>{turning.atFloor.sentence}</span>
        <span className={styles.legendWide}>{turning.wideHands.sentence}</span>
        <span className={styles.legendCeiling}>{turning.ceiling.sentence}</span>
      </figcaption>
    </figure>
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

function line(points: Point[], heightOf: (belowHands: number) => number): string {
  return points
    .map((point, i) => `${i === 0 ? 'M' : 'L'}${(point.xM * CM).toFixed(1)} ${heightOf(point.yM).toFixed(1)}`)
    .join('');
}

/** The free arc, with everything under the floor taken away: there the real rope has met the ground. */
function cutAtFloor(points: Point[], hands: number): string {
  return line(
    points.map((point) => ({ xM: point.xM, yM: Math.min(point.yM, hands) })),
    (below) => (below - hands) * CM,
  );
}
