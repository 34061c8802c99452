import {
  useEffect,
  useRef,
  useState,
  type KeyboardEvent,
  type MouseEvent,
  type PointerEvent,
  type RefObject,
} from 'react';
import type { HallFloor, Spot } from '../../../api/hallFloor';

export interface Place {
  xM: number;
  yM: number;
}

/** A thumb trembles so many pixels before it moves somebody. */
const TREMBLE_PX = 8;
const STEP_M = 0.25;
/** After the last arrow key somebody is put where they are. */
const SETTLED_MS = 700;

const arrows: Record<string, [number, number]> = {
  ArrowLeft: [-STEP_M, 0],
  ArrowRight: [STEP_M, 0],
  ArrowUp: [0, -STEP_M],
  ArrowDown: [0, STEP_M],
};

interface Drag {
  spot: Spot;
  fromX: number;
  fromY: number;
  /** Null: the thumb only trembled so far. */
  to: Place | null;
}

interface Parts {
  floor: HallFloor;
  plan: RefObject<HTMLElement | null>;
  onPut: (spot: Spot, to: Place) => void;
  onChoose: (id: string) => void;
}

/**
 * Moves people in the plan by drag or by arrow keys, and puts them to their place when they are let go; a touch that moves
 * nobody chooses. One set of handlers on the plan: its people are not drawn anew for them.
 */
export function useMoved({ floor, plan, onPut, onChoose }: Parts) {
  const [moving, setMoving] = useState<{ id: string; to: Place } | null>(null);
  const drag = useRef<Drag | null>(null);
  const dragged = useRef(false);
  const settle = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  useEffect(() => () => clearTimeout(settle.current), []);
  const placeOf = (spot: Spot): Place =>
    moving?.id === spot.athleteId ? moving.to : { xM: spot.xM ?? 0, yM: spot.yM ?? 0 };
  const within = ({ xM, yM }: Place): Place => ({
    xM: Math.min(floor.widthM, Math.max(0, xM)),
    yM: Math.min(floor.depthM, Math.max(0, yM)),
  });
  const spotAt = (target: EventTarget): Spot | undefined => {
    const id =
      target instanceof Element ? target.closest('[data-athlete]')?.getAttribute('data-athlete') : null;
    return floor.spots.find((spot) => spot.athleteId === id);
  };
  return {
    placeOf,
    handlers: {
      onPointerDown: (event: PointerEvent<HTMLElement>) => {
        const spot = spotAt(event.target);
        dragged.current = false;
        drag.current =
          spot === undefined ? null : { spot, fromX: event.clientX, fromY: event.clientY, to: null };
      },
      onPointerMove: (event: PointerEvent<HTMLElement>) => {
        const now = drag.current;
        const width = plan.current?.clientWidth ?? 0;
        if (now === null || width === 0) {
          return;
        }
        const [dx, dy] = [event.clientX - now.fromX, event.clientY - now.fromY];
        if (now.to === null && Math.hypot(dx, dy) < TREMBLE_PX) {
          return;
        }
        if (now.to === null) {
          event.currentTarget.setPointerCapture(event.pointerId);
        }
        const perPx = floor.widthM / width;
        const at = { xM: now.spot.xM ?? 0, yM: now.spot.yM ?? 0 };
        now.to = within({ xM: at.xM + dx * perPx, yM: at.yM + dy * perPx });
        dragged.current = true;
        setMoving({ id: now.spot.athleteId, to: now.to });
      },
      onPointerUp: () => {
        const now = drag.current;
        drag.current = null;
        if (now !== null && now.to !== null) {
          onPut(now.spot, now.to);
        }
      },
      onPointerCancel: () => {
        drag.current = null;
        setMoving(null);
      },
      onClick: (event: MouseEvent) => {
        const spot = spotAt(event.target);
        if (spot !== undefined && !dragged.current) {
          onChoose(spot.athleteId);
        }
        dragged.current = false;
      },
      onKeyDown: (event: KeyboardEvent) => {
        const step = arrows[event.key];
        const spot = spotAt(event.target);
        if (event.key === 'Escape') {
          clearTimeout(settle.current);
          setMoving(null);
        } else if (step !== undefined && spot !== undefined) {
          event.preventDefault();
          const at = placeOf(spot);
          const to = within({ xM: at.xM + step[0], yM: at.yM + step[1] });
          setMoving({ id: spot.athleteId, to });
          clearTimeout(settle.current);
          settle.current = setTimeout(() => onPut(spot, to), SETTLED_MS);
        }
      },
    },
  };
}
