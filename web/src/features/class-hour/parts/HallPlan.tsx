import { lazy, Suspense, useState, type ReactNode } from 'react';
import type { Tonight } from '../../../api/classHour';
import type { ShownEntry } from '../../../api/entries';
import { useHallFloor } from '../../../api/hallFloor';
import { PlainButton } from '../../../design/page/PlainButton';
import { useFloor } from '../../../design/page/useMedia';
import type { LengthUnit } from '../../../lib/units';
import { usePlanOrList } from '../floor/usePlanOrList';
import { Hall } from './Hall';

interface Props {
  tonight: Tonight;
  entries: ShownEntry[];
  unit: LengthUnit;
  chosenId: string | null;
  onChoose: (id: string) => void;
  /** The log line, right below. */
  children: ReactNode;
}

// The list needs nothing more than the class itself: it stands until the hall to scale is here.
const FloorPlan = lazy(() => import('../floor/FloorPlan').then((door) => ({ default: door.FloorPlan })));
const WithoutRoom = lazy(() =>
  import('../floor/WithoutRoom').then((door) => ({ default: door.WithoutRoom })),
);

/** The hall to scale, or as a list by station. */
export function HallPlan({ tonight, entries, unit, chosenId, onChoose, children }: Props) {
  const narrow = useFloor();
  const { plan, choose } = usePlanOrList();
  const floor = useHallFloor(plan);
  const [ready, setReady] = useState(false);
  // Nobody's place goes from under their finger: the plan waits while somebody is in the list.
  if (!ready && floor.data !== undefined && document.activeElement?.closest('[data-hall-list]') == null) {
    setReady(true);
  }
  const drawn = plan && ready ? floor.data : undefined;
  const list = (
    <div data-hall-list>
      <Hall
        stations={tonight.stations}
        athletes={tonight.athletes}
        unit={unit}
        chosenId={chosenId}
        onChoose={onChoose}
      />
    </div>
  );
  return (
    <>
      {drawn !== undefined ? (
        <Suspense fallback={list}>
          <FloorPlan
            floor={drawn}
            athletes={tonight.athletes}
            entries={entries}
            unit={unit}
            chosenId={chosenId}
            onChoose={onChoose}
          />
        </Suspense>
      ) : (
        list
      )}
      {children}
      {!narrow && (
        <p id="floor-keys" style={{ margin: '4px 0 0' }}>
          {plan && 'Drag somebody, or move them with the arrow keys. '}
          <PlainButton quiet onClick={() => choose(!plan)}>
            {plan ? 'Show as a list' : 'Show the hall to scale'}
          </PlainButton>
        </p>
      )}
      {drawn !== undefined && (
        <Suspense fallback={null}>
          <WithoutRoom
            floor={drawn}
            athletes={tonight.athletes}
            unit={unit}
            chosenId={chosenId}
            onChoose={onChoose}
          />
        </Suspense>
      )}
    </>
  );
}
