import { Button, Checkbox, Select } from 'antd';
import { useState } from 'react';
import type { Athlete } from '../../../api/athletes';
import {
  useKeepRope,
  useTakeBackRope,
  type Rope,
  type RopeInput,
  type SchoolRope,
  type Sizing,
} from '../../../api/ropes';
import { useCables, type CableRow } from '../../../api/cables';
import { Card } from '../../../design/page/Card';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { RopeVerdict } from '../../../design/rope/RopeVerdict';
import { newId } from '../../../lib/ids';
import { formatLength, formatLengthBare, type LengthUnit } from '../../../lib/units';
import type { RopeBench } from './useRopeBench';
import { ByHand } from './ByHand';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from './RopeDecision.module.css';

interface Props {
  bench: RopeBench;
  athlete: Athlete;
  sizing: Sizing;
  unit: LengthUnit;
  mayChange: boolean;
}

/** What to cut, why, and the one button that keeps it. */
export function RopeDecision({ bench, athlete, sizing, unit, mayChange }: Props) {
  const [reason, setReason] = useState('');
  const [asGoal, setAsGoal] = useState(true);
  const [cableKey, setCableKey] = useState<string>();
  const keep = useKeep(athlete);
  const cables = useCables(athlete.id).data?.cables ?? [];
  const chosen = sizing.schools.find((rope) => rope.school === sizing.chosen);
  if (chosen === undefined) {
    return null;
  }
  const { turning, handleLengthM } = sizing;
  if (turning === null || handleLengthM === null) {
    return (
      <Card strong label="The rope to order">
        <p className={styles.over}>{`Recommended: ${chosen.schoolName}, ${chosen.stanceName}`}</p>
        <p className={styles.cable}>
          {formatLength(chosen.overallLengthM ?? chosen.cableLengthM ?? 0, unit)}
        </p>
        <p className={styles.under}>
          {chosen.overallLengthM === null ? 'of cable, whatever the handles' : 'overall, handles included'}
        </p>
        <p>{sizing.reach.sentence}</p>
      </Card>
    );
  }
  const byHand = bench.wish.cable !== undefined;
  const cable = formatLength(turning.cableLengthM, unit);
  const input: RopeInput = {
    athleteId: athlete.id,
    school: sizing.chosen,
    stance: chosen.stance,
    handle: bench.wish.handle ?? `${(handleLengthM * 100).toFixed(2)} cm`,
    ...cableOf(
      cables.find((one) => keyOf(one) === cableKey),
      sizing,
    ),
    cable: bench.wish.cable ?? null,
    overrideReason: reason,
    asGoal: asGoal && sizing.chosen !== sizing.recommended,
  };
  return (
    <Card strong label="The rope to cut">
      <p className={styles.over}>{overline(sizing, chosen, bench.wish.cable, unit)}</p>
      <p className={styles.cable}>{cable}</p>
      <p className={styles.under}>
        between the handles
        <WhereFrom of="the cable">{sizing.sources.cable}</WhereFrom>
        {!byHand && (
          <>
            {` · overall ${formatLengthBare(chosen.overallLengthM ?? 0, unit)}`}
            <WhereFrom of="the overall length">{sizing.sources.overall}</WhereFrom>
            {` · cut at ${formatLengthBare(chosen.cutLengthM ?? 0, unit)} with spare`}
            <WhereFrom of="the cut length">{sizing.sources.cut}</WhereFrom>
            {` · ± ${formatLengthBare(chosen.uncertaintyM, unit)}`}
            <WhereFrom of="the uncertainty">{sizing.sources.uncertainty}</WhereFrom>
          </>
        )}
      </p>
      <p>
        {sizing.reach.sentence}
        <WhereFrom of="the reach">{sizing.sources.reach}</WhereFrom>
      </p>
      {keep.error !== null && (
        <p role="alert" className={styles.refused}>
          {keep.error.message}
        </p>
      )}
      {mayChange && cables.length > 0 && (
        <Select
          aria-label="Cable to keep"
          className={styles.family ?? ''}
          value={cableKey ?? sizing.cable?.family ?? ''}
          onChange={setCableKey}
          options={cables.map((one) => ({ value: keyOf(one), label: one.name }))}
        />
      )}
      {mayChange && sizing.chosen !== sizing.recommended && (
        <Checkbox checked={asGoal} onChange={(event) => setAsGoal(event.target.checked)}>
          From now on the goal is the {chosen.schoolName} length
        </Checkbox>
      )}
      {mayChange && (
        <AtThumb>
          <Button type="primary" size="large" block loading={keep.isPending} onClick={() => keep.run(input)}>
            Keep {cable} for {athlete.name.split(' ')[0]}
          </Button>
        </AtThumb>
      )}
      {mayChange && <ByHand bench={bench} reason={reason} onReason={setReason} />}
      {athlete.rope !== null && (
        <>
          <p className={styles.now}>Now on {formatLength(athlete.rope.cableLengthM, unit)}.</p>
          <RopeVerdict verdict={sizing.verdict} />
        </>
      )}
    </Card>
  );
}

/** Own cables by their id, families by their name. */
function keyOf(cable: CableRow): string {
  return cable.ownCableId ?? cable.family;
}

function cableOf(chosen: CableRow | undefined, sizing: Sizing): Pick<RopeInput, 'family' | 'cableId'> {
  return {
    family: chosen?.family ?? sizing.cable?.family ?? 'thick-cord',
    cableId: chosen?.ownCableId ?? null,
  };
}

/** Whose choice the number is. */
function overline(sizing: Sizing, chosen: SchoolRope, wish: string | undefined, unit: LengthUnit): string {
  if (wish !== undefined) {
    return `Set by hand; computed ${formatLength(chosen.cableLengthM ?? 0, unit)}`;
  }
  const school = `${chosen.schoolName}, ${chosen.stanceName}`;
  return sizing.chosen === sizing.recommended ? `Recommended: ${school}` : `Your choice: ${school}`;
}

/** Keeps the rope, and offers to take it back. */
function useKeep(athlete: Athlete) {
  // A new rope gets a new id only after the last one was kept, so that a second press keeps nothing twice.
  const [id, setId] = useState(newId);
  const keep = useKeepRope();
  const takeBack = useTakeBackRope();
  const offerUndo = useUndoOffer();
  const onKept = (rope: Rope) => {
    setId(newId());
    offerUndo({
      key: rope.id,
      title: `Kept for ${athlete.name}`,
      onUndo: () => takeBack.mutate({ id: rope.id, change: { mutationId: newId(), version: rope.version } }),
    });
  };
  return {
    error: keep.error,
    isPending: keep.isPending,
    run: (input: RopeInput) => keep.mutate({ id, input }, { onSuccess: onKept }),
  };
}
