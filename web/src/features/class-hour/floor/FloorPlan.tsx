import { Button } from 'antd';
import { useRef } from 'react';
import type { ClassAthlete } from '../../../api/classHour';
import type { ShownEntry } from '../../../api/entries';
import { useArrange, usePutSpot, type HallFloor, type Spot } from '../../../api/hallFloor';
import { Dressed } from '../../../design/page/Dressed';
import { newId } from '../../../lib/ids';
import { formatLong, type LengthUnit } from '../../../lib/units';
import { FloorSpot } from './FloorSpot';
import { useMoved } from './useMoved';
import styles from './FloorPlan.module.css';

interface Props {
  floor: HallFloor;
  athletes: readonly ClassAthlete[];
  /** Of tonight, the newest first. */
  entries: readonly ShownEntry[];
  unit: LengthUnit;
  chosenId: string | null;
  onChoose: (id: string) => void;
}

/** What stands above and below the plan: it is never so high that the log line leaves the screen. */
const AROUND_PX = 310;

/** The hall to scale: everybody in the circle that their rope needs, the coach at the front. */
export function FloorPlan({ floor, athletes, entries, unit, chosenId, onChoose }: Props) {
  const plan = useRef<HTMLDivElement>(null);
  const put = usePutSpot();
  const arrange = useArrange();
  const { placeOf, handlers } = useMoved({
    floor,
    plan,
    onPut: (spot, to) => put.mutate({ spot, ...to }),
    onChoose,
  });
  const placed = floor.spots.filter((spot) => spot.xM !== null);
  const named = (spot: Spot) => athletes.find(({ id }) => id === spot.athleteId);
  return (
    <div className={styles.floor}>
      <p className={styles.said}>
        <span role="status">
          {floor.title.sentence}; room for {floor.roomFor} in all.
          {floor.sizeGuessed && ' The size of the hall is guessed: tell it in the settings.'}
        </span>
        <Dressed>
          <Button onClick={() => arrange.mutate(newId())} loading={arrange.isPending}>
            Arrange for me
          </Button>
        </Dressed>
      </p>
      <div
        ref={plan}
        className={styles.plan}
        style={{
          aspectRatio: `${floor.widthM} / ${floor.depthM}`,
          maxWidth: `calc((100vh - ${AROUND_PX}px) * ${floor.widthM / floor.depthM})`,
        }}
        role="group"
        {...handlers}
        aria-label={`Hall, ${formatLong(floor.widthM, unit)} by ${formatLong(floor.depthM, unit)}`}
      >
        <span className={styles.front}>front: the coach</span>
        {floor.matWidthM !== null && floor.matDepthM !== null && (
          <span
            className={styles.mat}
            style={{
              width: `${(100 * floor.matWidthM) / floor.widthM}%`,
              height: `${(100 * floor.matDepthM) / floor.depthM}%`,
            }}
          />
        )}
        {placed.map((spot) => {
          const athlete = named(spot);
          return (
            athlete !== undefined && (
              <FloorSpot
                key={spot.athleteId}
                spot={spot}
                athlete={athlete}
                last={entries.find((entry) => entry.athleteId === spot.athleteId)?.sentence ?? ''}
                xShare={placeOf(spot).xM / floor.widthM}
                yShare={placeOf(spot).yM / floor.depthM}
                widthShare={(2 * spot.radiusM) / floor.widthM}
                unit={unit}
                chosen={spot.athleteId === chosenId}
              />
            )
          );
        })}
      </div>
      {put.isError && <p role="alert">{put.error.message}</p>}
    </div>
  );
}
