import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import type { Athlete } from '../../../api/athletes';
import { useTakeBackRope } from '../../../api/ropes';
import { useCutTails, useTailsAreWhole, useTrimRope, type Trim } from '../../../api/trim';
import { Card } from '../../../design/page/Card';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { newId } from '../../../lib/ids';
import { formatLength, type LengthUnit } from '../../../lib/units';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from '../size/RopeDecision.module.css';

interface Props {
  trim: Trim;
  athlete: Athlete;
  unit: LengthUnit;
  mayChange: boolean;
}

const headlines = {
  keep: 'The last trim helped',
  wait: 'Wait',
  'let-out': 'Look at the hands, then let it out',
  'cannot-tell': 'Cannot tell yet',
} as const;

/** Whether the last step helped, the next one, and the scissors. */
export function TrimDecision({ trim, athlete, unit, mayChange }: Props) {
  return (
    <div style={{ display: 'grid', gap: 16 }}>
      {trim.outcome !== null && (
        <Card strong label="The last trim">
          <h2>{headlines[trim.outcome]}</h2>
          <p>
            {trim.outcomeReason?.sentence}
            <WhereFrom of="this advice">{trim.sources.outcome}</WhereFrom>
          </p>
        </Card>
      )}
      <NextStep key={trim.rope?.id} trim={trim} athlete={athlete} unit={unit} mayChange={mayChange} />
      <Tails trim={trim} mayChange={mayChange} />
    </div>
  );
}

function NextStep({ trim, athlete, unit, mayChange }: Props) {
  const next = trim.steps[0];
  const [id, setId] = useState(newId);
  const [narrow, setNarrow] = useState(false);
  const [other, setOther] = useState('');
  const write = useTrimRope();
  const takeBack = useTakeBackRope();
  const offerUndo = useUndoOffer();
  const take = (cable: string) =>
    write.mutate(
      { id, ropeId: trim.rope?.id ?? '', cable },
      {
        onSuccess: (rope) => {
          setId(newId());
          offerUndo({
            key: rope.id,
            title: `${athlete.name}: ${formatLength(rope.cableLengthM, unit)} from now on`,
            onUndo: () =>
              takeBack.mutate({ id: rope.id, change: { mutationId: newId(), version: rope.version } }),
          });
        },
      },
    );
  return (
    <Card label="The next step">
      <div className={styles.step}>
        <h2>{next === undefined ? 'No trim is left' : `Next: ${formatLength(next.cableLengthM, unit)}`}</h2>
        {next !== undefined && <p>{trim.gate?.sentence}</p>}
        {trim.notToday !== null && <p>{trim.notToday.sentence}</p>}
        {write.error !== null && (
          <p role="alert" className={styles.refused}>
            {write.error.message}
          </p>
        )}
        {mayChange && next !== undefined && (
          <>
            <Checkbox checked={narrow} onChange={(event) => setNarrow(event.target.checked)}>
              The hands stay narrow
            </Checkbox>
            <AtThumb>
              <Button
                type={trim.gateOpen ? 'primary' : 'default'}
                block
                loading={write.isPending}
                disabled={trim.notToday !== null || !narrow}
                onClick={() => take(`${(next.cableLengthM * 100).toFixed(2)} cm`)}
              >
                Trim {formatLength(next.offPerSideM, unit)} per side
              </Button>
            </AtThumb>
          </>
        )}
        {mayChange && trim.verdict.next === 'let-out' && trim.goalM !== null && (
          <AtThumb>
            <Button
              type="primary"
              block
              loading={write.isPending}
              onClick={() => take(`${((trim.goalM ?? 0) * 100).toFixed(2)} cm`)}
            >
              Let out {formatLength(trim.verdict.perSideM ?? 0, unit)} per side
            </Button>
          </AtThumb>
        )}
        {mayChange && (
          <details>
            <summary>Another length, or let it out</summary>
            <Input
              aria-label="Another length"
              placeholder={formatLength((trim.rope?.cableLengthM ?? 0) + 0.02, unit)}
              value={other}
              onChange={(event) => setOther(event.target.value)}
              onPressEnter={() => take(other)}
            />
            <Button block disabled={other.trim() === ''} onClick={() => take(other)}>
              Use this length
            </Button>
          </details>
        )}
      </div>
    </Card>
  );
}

function Tails({ trim, mayChange }: { trim: Trim; mayChange: boolean }) {
  const cut = useCutTails();
  const whole = useTailsAreWhole();
  const { rope } = trim;
  if (rope === null) {
    return null;
  }
  const change = () => ({ mutationId: newId(), version: rope.version });
  return (
    <Card label="The tails">
      <h2>The tails</h2>
      <p>{trim.tails?.sentence}</p>
      {cut.error !== null && (
        <p role="alert" className={styles.refused}>
          {cut.error.message}
        </p>
      )}
      {mayChange && rope.tailsCutOn === null && (
        <Button
          block
          disabled={!trim.mayCutTails}
          onClick={() => cut.mutate({ id: rope.id, change: change() })}
        >
          Mark the tails as cut
        </Button>
      )}
      {mayChange && rope.tailsCutOn !== null && (
        <Button block onClick={() => whole.mutate({ id: rope.id, change: change() })}>
          Undo: they were not cut
        </Button>
      )}
    </Card>
  );
}
