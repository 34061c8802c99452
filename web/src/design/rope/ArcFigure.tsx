import styles from './RopeArc.module.css';

/** Heights and breadths of a standing body in metres, as the core gives them. */
export interface Body {
  statureM: number;
  shoulderM: number;
  hipM: number;
  kneeM: number;
  shoulderBreadthM: number;
  footLengthM: number;
  handHeightM: number;
}

/** Where the handle tips turn, in metres: out from the middle, above the floor, ahead of the ankles. */
export interface Hands {
  leftOutM: number;
  leftHeightM: number;
  rightOutM: number;
  rightHeightM: number;
  aheadM: number;
}

interface Props {
  body: Body;
  hands: Hands;
  handleLengthM: number;
}

const CM = 100;

/** The athlete from the front, to scale; x from the middle, y upward from the floor, both in centimetres. */
export function ArcFigure({ body, hands, handleLengthM }: Props) {
  const y = (metres: number) => -metres * CM;
  const headHeight = (body.statureM - body.shoulderM) * CM;
  const headRadius = headHeight * 0.36;
  const shoulder = (body.shoulderBreadthM / 2) * CM;
  const hip = shoulder * 0.62;
  const limb = shoulder * 0.26;
  return (
    <g className={styles.figure}>
      <circle cx={0} cy={y(body.statureM) + headRadius} r={headRadius} />
      <path
        d={`M ${-shoulder} ${y(body.shoulderM)} Q 0 ${y(body.shoulderM) - 5} ${shoulder} ${y(body.shoulderM)} L ${hip} ${y(body.hipM)} L ${-hip} ${y(body.hipM)} Z`}
      />
      {[
        { side: -1, out: hands.leftOutM, height: hands.leftHeightM },
        { side: 1, out: hands.rightOutM, height: hands.rightHeightM },
      ].map(({ side, out, height }) => (
        <g key={side} transform={`scale(${side} 1)`}>
          <path
            className={styles.limb}
            strokeWidth={limb * 1.3}
            d={`M ${hip * 0.55} ${y(body.hipM)} L ${hip * 0.5} ${y(body.kneeM)} L ${hip * 0.5} ${y(0.04)}`}
          />
          <path
            className={styles.limb}
            strokeWidth={limb}
            d={`M ${shoulder - limb / 2} ${y(body.shoulderM) + limb} L ${shoulder + limb * 0.5} ${y(body.shoulderM * 0.8)} L ${(out - handleLengthM) * CM} ${y(height)}`}
          />
          <path
            className={styles.handle}
            strokeWidth={3}
            d={`M ${(out - handleLengthM) * CM} ${y(height)} L ${out * CM} ${y(height)}`}
          />
        </g>
      ))}
    </g>
  );
}
