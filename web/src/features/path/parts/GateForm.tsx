import { Button, Checkbox, Input, InputNumber } from 'antd';
import { useState } from 'react';
import { useDecideGate, type GateInput, type PathStage } from '../../../api/path';
import { ChoiceField, FieldStack } from '../../../design/form/FieldStack';
import { newId } from '../../../lib/ids';
import styles from '../path.module.css';

interface Props {
  stage: PathStage;
  /** Undefined: of the whole gym. */
  athleteId?: string;
  onDone: () => void;
}

const CHOICES: Record<PathStage['choices'][number], string> = {
  usual: 'the usual',
  'two-hundred': '200 in good posture',
  minute: 'a minute without a miss',
  ten: '10, the half-way mark',
};

type Deed = GateInput['deed'];

/** Asks something else at a stage, or does not ask it; why is asked with it, for it stays in the history. */
export function GateForm({ stage, athleteId, onDone }: Props) {
  const [deed, setDeed] = useState<Deed>('set');
  const [choice, setChoice] = useState<PathStage['choices'][number]>('usual');
  const [count, setCount] = useState<number | null>(null);
  const [withFeet, setWithFeet] = useState(false);
  const [reason, setReason] = useState('');
  const [id] = useState(newId);
  const decide = useDecideGate();
  const input: GateInput = {
    stage: stage.stage,
    deed,
    reason: reason.trim(),
    athleteId: athleteId ?? null,
    ...(deed === 'set' ? { choice, count, withFeet } : { choice: 'usual', count: null, withFeet: false }),
  };
  return (
    <form
      className={styles.form}
      aria-label="Decide about this gate"
      onSubmit={(event) => {
        event.preventDefault();
        decide.mutate({ id, input }, { onSuccess: onDone });
      }}
    >
      <FieldStack>
        <ChoiceField<Deed>
          label="What"
          value={deed}
          onChange={setDeed}
          options={[
            { value: 'set', label: 'ask something else' },
            { value: 'waived', label: 'don’t ask it' },
            {
              value: 'usual',
              label: athleteId === undefined ? 'ask what is usual' : 'ask what the gym asks',
            },
          ]}
        />
        {deed === 'set' && (
          <>
            {stage.choices.length > 1 && (
              <ChoiceField
                label="Asked"
                value={choice}
                onChange={setChoice}
                options={stage.choices.map((value) => ({ value, label: CHOICES[value] }))}
              />
            )}
            <label>
              Another count
              <InputNumber<number>
                aria-label="Another count"
                size="large"
                min={1}
                max={stage.mostCount ?? 1000}
                precision={0}
                value={count}
                onChange={setCount}
              />
            </label>
            {stage.stage === 'singles' && (
              <Checkbox checked={withFeet} onChange={({ target }) => setWithFeet(target.checked)}>
                Ten jumps and ten hops, forward and backward, as well
              </Checkbox>
            )}
          </>
        )}
        <label>
          Why
          <Input
            aria-label="Why"
            size="large"
            maxLength={200}
            value={reason}
            onChange={({ target }) => setReason(target.value)}
          />
          <span className={styles.quiet}>Helpers read it too: nothing about health.</span>
        </label>
      </FieldStack>
      {decide.isError && <p role="alert">{decide.error.message}</p>}
      <div className={styles.acts}>
        <Button
          type="primary"
          size="large"
          htmlType="submit"
          disabled={reason.trim() === ''}
          loading={decide.isPending}
        >
          {deed === 'waived' ? 'Waive it' : deed === 'usual' ? 'Ask that again' : 'Ask this'}
        </Button>
        <Button type="text" size="large" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
