import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
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

export interface Moved {
  /** Where somebody is while they are moved. */
  of: (spot: Spot) => Place;
  handlers: (spot: Spot) => {
    onPointerDown: (event: PointerEvent<HTMLElement>) => void;
    onPointerMove: (event: PointerEvent<HTMLElement>) => void;
    onPointerUp: () => void;
    onPointerCancel: () => void;
    onKeyDown: (event: KeyboardEvent) => void;
  };
  /** The touch that just ended moved somebody: it chooses nobody. */
  wasDrag: () => boolean;
}

interface Drag {
  id: string;
  fromX: number;
  fromY: number;
  at: Place;
  moved: boolean;
}

/** Moves people in the plan by drag or by arrow keys; put to their place when they are let go. */
export function useMoved(
  floor: HallFloor,
  plan: RefObject<HTMLElement | null>,
  onPut: (spot: Spot, to: Place) => void,
): Moved {
  const [moving, setMoving] = useState<{ id: string; to: Place } | null>(null);
  const drag = useRef<Drag | null>(null);
  const dragged = useRef(false);
  const settle = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  useEffect(() => () => clearTimeout(settle.current), []);
  const placeOf = (spot: Spot): Place => ({ xM: spot.xM ?? 0, yM: spot.yM ?? 0 });
  const of = (spot: Spot) => (moving?.id === spot.athleteId ? moving.to : placeOf(spot));
  const within = ({ xM, yM }: Place): Place => ({
    xM: Math.min(floor.widthM, Math.max(0, xM)),
    yM: Math.min(floor.depthM, Math.max(0, yM)),
  });
  const letGo = (spot: Spot) => {
    if (drag.current?.moved === true && moving !== null) {
      onPut(spot, moving.to);
    }
    drag.current = null;
  };
  return {
    of,
    wasDrag: () => {
      const was = dragged.current;
      dragged.current = false;
      return was;
    },
    handlers: (spot) => ({
      onPointerDown: (event) => {
        dragged.current = false;
        drag.current = {
          id: spot.athleteId,
          fromX: event.clientX,
          fromY: event.clientY,
          at: placeOf(spot),
          moved: false,
        };
      },
      onPointerMove: (event) => {
        const now = drag.current;
        const width = plan.current?.clientWidth ?? 0;
        if (now === null || width === 0) {
          return;
        }
        const [dx, dy] = [event.clientX - now.fromX, event.clientY - now.fromY];
        if (!now.moved && Math.hypot(dx, dy) < TREMBLE_PX) {
          return;
        }
        if (!now.moved) {
          event.currentTarget.setPointerCapture(event.pointerId);
        }
        now.moved = true;
        dragged.current = true;
        const perPx = floor.widthM / width;
        setMoving({
          id: now.id,
          to: within({ xM: now.at.xM + dx * perPx, yM: now.at.yM + dy * perPx }),
        });
      },
      onPointerUp: () => letGo(spot),
      onPointerCancel: () => {
        drag.current = null;
        setMoving(null);
      },
      onKeyDown: (event) => {
        const step = arrows[event.key];
        if (event.key === 'Escape') {
          clearTimeout(settle.current);
          setMoving(null);
        } else if (step !== undefined) {
          event.preventDefault();
          const at = of(spot);
          const to = within({ xM: at.xM + step[0], yM: at.yM + step[1] });
          setMoving({ id: spot.athleteId, to });
          clearTimeout(settle.current);
          settle.current = setTimeout(() => onPut(spot, to), SETTLED_MS);
        }
      },
    }),
  };
}
