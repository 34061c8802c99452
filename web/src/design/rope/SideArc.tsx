import type { Body } from './ArcFigure';
import { HandGrip } from './HandGrip';
import styles from './RopeArc.module.css';

/** The middle of a turning rope from the side as the core computed it; metres ahead of the ankles. */
export interface SideTurning {
  radiusM: number;
  toesAheadM: number;
  meetsAheadM: number | null;
  meets: { sentence: string };
}

interface Props {
  body: Body;
  side: SideTurning;
  /** Of the hands by now. */
  aheadM: number;
  heightM: number;
  /** Height of the picture, as in the front view. */
  topM: number;
  /** "13 cm ahead, 92 cm high". */
  said: string;
  onHands: (aheadM: number, heightM: number) => void;
}

const CM = 100;
/** What is always in the picture around the ankles; a wider circle widens it. */
const BEHIND = 112;
const AHEAD = 128;
const BELOW_FLOOR = 16;
const MARGIN = 4;

/** Side view, true to scale: the circle of the rope's middle about the hands, and where it comes down. */
export function SideArc({ body, side, aheadM, heightM, topM, said, onHands }: Props) {
  const radius = side.radiusM * CM + MARGIN;
  const top = Math.max(topM * CM, heightM * CM + radius);
  const behind = Math.max(BEHIND, radius - aheadM * CM);
  const width = behind + Math.max(AHEAD, radius + aheadM * CM);
  return (
    <svg viewBox={`${-behind} ${-top} ${width} ${top + BELOW_FLOOR}`} className={styles.view}>
      <g role="img" aria-label={`Rope and athlete from the side: ${side.meets.sentence}.`}>
        <clipPath id="above-the-floor">
          <rect x={-behind} y={-top} width={width} height={top} />
        </clipPath>
        <rect x={-behind} y={0} width={width} height={BELOW_FLOOR} className={styles.ground} />
        <line x1={-behind} x2={width - behind} y1={0} y2={0} className={styles.floor} />
        <Profile body={body} aheadM={aheadM} heightM={heightM} toesM={side.toesAheadM} />
        <circle
          cx={aheadM * CM}
          cy={-heightM * CM}
          r={side.radiusM * CM}
          clipPath="url(#above-the-floor)"
          className={styles.circle}
        />
        {side.meetsAheadM !== null && (
          <>
            <line
              x1={side.toesAheadM * CM}
              x2={side.meetsAheadM * CM}
              y1={5}
              y2={5}
              className={styles.dragging}
            />
            <path
              d={`M${side.meetsAheadM * CM - 4} -9L${side.meetsAheadM * CM} -1L${side.meetsAheadM * CM + 4} -9Z`}
              className={styles.contact}
            />
          </>
        )}
      </g>
      <HandGrip
        label="Hands from the side"
        said={said}
        at={{ xM: aheadM, yM: heightM }}
        onMove={(to) => onHands(to.xM, to.yM)}
      />
    </svg>
  );
}

/** The athlete in profile, looking to the right. */
function Profile({
  body,
  aheadM,
  heightM,
  toesM,
}: {
  body: Body;
  aheadM: number;
  heightM: number;
  toesM: number;
}) {
  const y = (metres: number) => -metres * CM;
  const headRadius = (body.statureM - body.shoulderM) * CM * 0.36;
  const trunk = (body.shoulderBreadthM / 2) * CM * 0.8;
  const heel = toesM - body.footLengthM;
  return (
    <g className={styles.figure}>
      <circle cx={2} cy={y(body.statureM) + headRadius} r={headRadius} />
      <path
        className={styles.limb}
        strokeWidth={trunk}
        d={`M 0 ${y(body.shoulderM) + trunk / 2} L 0 ${y(body.hipM)}`}
      />
      <path
        className={styles.limb}
        strokeWidth={trunk * 0.6}
        d={`M 0 ${y(body.hipM)} L 1.5 ${y(body.kneeM)} L 0 ${y(0.06)}`}
      />
      <path className={styles.limb} strokeWidth={5} d={`M ${heel * CM + 3} -3 L ${toesM * CM - 2.5} -3`} />
      <path
        className={styles.arm}
        strokeWidth={trunk * 0.42}
        d={`M 0 ${y(body.shoulderM) + trunk / 2} L -3 ${y(body.shoulderM * 0.8)} L ${aheadM * CM} ${y(heightM)}`}
      />
    </g>
  );
}
