import { Button, Checkbox, Input, Select } from 'antd';
import { useState } from 'react';
import {
  useChangeRackRope,
  useHangBack,
  useHangRope,
  useInspectRackRope,
  useTakeOffRack,
  type RackRope,
  type RackRopeInput,
} from '../../../api/rack';
import { useRopeTerms } from '../../../api/ropes';
import { Card } from '../../../design/page/Card';
import { FieldStack } from '../../../design/form/FieldStack';
import { InspectionList } from '../../../design/rope/InspectionList';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { newId } from '../../../lib/ids';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from '../size/RopeDecision.module.css';

interface Props {
  /** Undefined: a new one. */
  rope: RackRope | undefined;
  unit: LengthUnit;
  mayChange: boolean;
  onDone: () => void;
}

/** A shared rope: hung, changed, kept back, looked over, taken off. */
export function RackEditor({ rope, unit, mayChange, onDone }: Props) {
  return (
    <div style={{ display: 'grid', gap: 16 }}>
      {mayChange && <RopeForm rope={rope} unit={unit} onDone={onDone} />}
      {rope === undefined ? <p>Choose a rope of the rack to look it over.</p> : <Inspect rope={rope} />}
    </div>
  );
}

function RopeForm({ rope, unit, onDone }: Omit<Props, 'mayChange'>) {
  const [id] = useState(newId);
  const [tag, setTag] = useState(rope?.tag ?? '');
  const [cable, setCable] = useState(rope === undefined ? '' : formatLength(rope.cableLengthM, unit));
  const terms = useRopeTerms().data;
  const [typedHandle, setHandle] = useState<string>();
  const handleM = rope?.handleLengthM ?? terms?.usualHandleM;
  const handle = typedHandle ?? (handleM === undefined ? '' : formatLength(handleM, unit));
  const [family, setFamily] = useState<RackRopeInput['family']>(rope?.family ?? 'thick-cord');
  const [keptBack, setKeptBack] = useState(rope?.keptBack ?? false);
  const families = terms?.families ?? [];
  const hang = useHangRope();
  const change = useChangeRackRope();
  const input: RackRopeInput = { tag, cable, handle, family, keptBack };
  const error = hang.error ?? change.error;
  const keep = () =>
    rope === undefined
      ? hang.mutate({ id, input }, { onSuccess: onDone })
      : change.mutate({ id: rope.id, input, change: { mutationId: newId(), version: rope.version } });
  return (
    <Card strong label={rope === undefined ? 'Hang a rope' : `Rope ${rope.tag}`}>
      <h2>{rope === undefined ? 'Hang a rope' : `Rope ${rope.tag}`}</h2>
      <FieldStack>
        <label>
          Tag on the handle
          <Input maxLength={8} value={tag} onChange={(event) => setTag(event.target.value)} />
        </label>
        <label>
          Cable between the handles
          <Input
            placeholder={formatLength(2.4, unit)}
            value={cable}
            onChange={(event) => setCable(event.target.value)}
          />
        </label>
        <label>
          One handle
          <Input value={handle} onChange={(event) => setHandle(event.target.value)} />
        </label>
        <label>
          Cable family
          <Select
            aria-label="Cable family"
            value={family}
            options={families.map(({ code, name }) => ({ value: code, label: name }))}
            onChange={setFamily}
          />
        </label>
        <Checkbox checked={keptBack} onChange={(event) => setKeptBack(event.target.checked)}>
          Reserve: assign by hand only
        </Checkbox>
        {error !== null && (
          <p role="alert" className={styles.refused}>
            {error.message}
          </p>
        )}
        <Button type="primary" block loading={hang.isPending || change.isPending} onClick={keep}>
          {rope === undefined ? 'Hang it on the rack' : 'Keep the changes'}
        </Button>
        {rope !== undefined && <TakeOff rope={rope} onDone={onDone} />}
      </FieldStack>
    </Card>
  );
}

function TakeOff({ rope, onDone }: { rope: RackRope; onDone: () => void }) {
  const takeOff = useTakeOffRack();
  const hangBack = useHangBack();
  const offerUndo = useUndoOffer();
  const take = () =>
    takeOff.mutate(
      { id: rope.id, change: { mutationId: newId(), version: rope.version } },
      {
        onSuccess: (gone) => {
          onDone();
          offerUndo({
            key: rope.id,
            title: `${rope.tag} is off the rack`,
            onUndo: () =>
              hangBack.mutate({ id: rope.id, change: { mutationId: newId(), version: gone.version } }),
          });
        },
      },
    );
  return (
    <Button block loading={takeOff.isPending} onClick={take}>
      Take it off the rack
    </Button>
  );
}

function Inspect({ rope }: { rope: RackRope }) {
  const inspect = useInspectRackRope();
  const points = useRopeTerms().data?.inspection ?? [];
  const { on, safe, failed, lookOver } = rope.inspection;
  return (
    <Card label="Inspection">
      <h2>Look {rope.tag} over</h2>
      <InspectionList
        points={points}
        failed={failed}
        last={safe || on === null ? lookOver.sentence : `Failed on ${on}.`}
        pending={inspect.isPending}
        error={inspect.error}
        onDone={(ticked) =>
          inspect.mutate({
            id: rope.id,
            failed: ticked,
            change: { mutationId: newId(), version: rope.version },
          })
        }
      />
    </Card>
  );
}
