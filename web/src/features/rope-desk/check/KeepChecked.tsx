import { Button } from 'antd';
import { useState } from 'react';
import type { Athlete } from '../../../api/athletes';
import { useCables } from '../../../api/cables';
import { useKeepRope, useTakeBackRope, type Fit, type Stance } from '../../../api/ropes';
import { useMayChange } from '../../../api/session';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { newId } from '../../../lib/ids';
import { AtThumb } from '../../../design/page/AtThumb';

interface Props {
  athlete: Athlete;
  fit: Fit;
  stance: Stance | undefined;
}

const WHY = 'brought along and checked';

/** A rope that was just checked becomes this athlete's with one touch. */
export function KeepChecked({ athlete, fit, stance }: Props) {
  const mayChange = useMayChange();
  const verdict = useCables(athlete.id).data?.verdict;
  const [id, setId] = useState(newId);
  const keep = useKeepRope();
  const takeBack = useTakeBackRope();
  const offerUndo = useUndoOffer();
  const { cableLengthM, handleLengthM } = fit;
  if (!mayChange || fit.verdict === null || verdict === undefined || stance === undefined) {
    return null;
  }
  if (cableLengthM === null || handleLengthM === null) {
    return null;
  }
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  const run = () =>
    keep.mutate(
      {
        id,
        input: {
          athleteId: athlete.id,
          school: fit.verdict?.school ?? 'armpit',
          stance,
          handle: `${(handleLengthM * 100).toFixed(2)} cm`,
          family: verdict.recommended,
          cable: `${(cableLengthM * 100).toFixed(2)} cm`,
          overrideReason: WHY,
          cableId: null,
          asGoal: false,
        },
      },
      {
        onSuccess: (rope) => {
          setId(newId());
          offerUndo({
            key: rope.id,
            title: `${first} has this rope from now on`,
            onUndo: () =>
              takeBack.mutate({ id: rope.id, change: { mutationId: newId(), version: rope.version } }),
          });
        },
      },
    );
  return (
    <>
      <AtThumb>
        <Button type="primary" size="large" block loading={keep.isPending} onClick={run}>
          Keep this rope for {first}
        </Button>
      </AtThumb>
      {keep.error !== null && <p role="alert">{keep.error.message}</p>}
    </>
  );
}
