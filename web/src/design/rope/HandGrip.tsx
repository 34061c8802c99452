import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import styles from './RopeArc.module.css';

export interface Place {
  /** Metres to the right in the picture. */
  xM: number;
  /** Metres above the floor. */
  yM: number;
}

interface Props {
  label: string;
  /** "45 cm out, 92 cm high". */
  said: string;
  at: Place;
  onMove: (to: Place) => void;
}

const CM = 100;
const STEP_M = 0.01;
const BIG_STEP_M = 0.05;

const directions: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** A hand that is dragged, or moved by the arrow keys: 1 cm, with Shift 5 cm. */
export function HandGrip({ label, said, at, onMove }: Props) {
  // Where the drag began, and the picture's scale then: what moves under the pointer must not move the hand.
  const drag = useRef<{ toUser: DOMMatrix; pointer: DOMPoint; hand: Place } | undefined>(undefined);
  const begin = (event: PointerEvent<SVGGElement>) => {
    const toScreen = event.currentTarget.ownerSVGElement?.getScreenCTM();
    if (toScreen === null || toScreen === undefined) {
      return;
    }
    event.currentTarget.setPointerCapture(event.pointerId);
    const toUser = DOMMatrix.fromMatrix(toScreen).inverse();
    drag.current = { toUser, pointer: userPoint(event, toUser), hand: at };
  };
  const follow = (event: PointerEvent<SVGGElement>) => {
    if (drag.current === undefined) {
      return;
    }
    const { toUser, pointer, hand } = drag.current;
    const now = userPoint(event, toUser);
    onMove({ xM: hand.xM + (now.x - pointer.x) / CM, yM: hand.yM - (now.y - pointer.y) / CM });
  };
  const end = () => {
    drag.current = undefined;
  };
  const key = (event: KeyboardEvent) => {
    const direction = directions[event.key];
    if (direction === undefined) {
      return;
    }
    event.preventDefault();
    const step = event.shiftKey ? BIG_STEP_M : STEP_M;
    onMove({ xM: at.xM + direction[0] * step, yM: at.yM + direction[1] * step });
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Math.round(at.yM * CM)}
      aria-valuetext={said}
      className={styles.grip}
      onPointerDown={begin}
      onPointerMove={follow}
      onPointerUp={end}
      onPointerCancel={end}
      onKeyDown={key}
    >
      <circle cx={at.xM * CM} cy={-at.yM * CM} r={18} className={styles.reach} />
      <circle cx={at.xM * CM} cy={-at.yM * CM} r={6} className={styles.knob} />
    </g>
  );
}

/** The pointer in the picture's own units, centimetres. */
function userPoint(event: PointerEvent, toUser: DOMMatrix): DOMPoint {
  return new DOMPoint(event.clientX, event.clientY).matrixTransform(toUser);
}
