import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { useChooseWay, type Pacing, type Way } from '../../../api/pacing';
import { PlainButton } from '../../../design/page/PlainButton';
import { wayNames } from './said';
import styles from '../pacing.module.css';

/** The coach's own choice, with their reason: it stands on the table, on the card and in the rehearsal. */
export function ChosenWay({ pacing }: { pacing: Pacing }) {
  const choose = useChooseWay();
  const [way, setWay] = useState<Way['scaling'] | null>(null);
  const [reason, setReason] = useState('');
  const { chosen } = pacing;
  if (chosen !== null) {
    return (
      <p className={styles.chosen} role="status">
        <strong>Chosen: {wayNames[chosen.scaling].toLowerCase()}</strong>
        {chosen.chosenBy !== '' && ` by ${chosen.chosenBy}`}
        {chosen.reason !== '' && `: ${chosen.reason}`}. <span>{chosen.doing}</span>{' '}
        <PlainButton onClick={() => choose.mutate({ takeBack: chosen })}>Take it back</PlainButton>
      </p>
    );
  }
  const picked = pacing.ways.find(({ scaling }) => scaling === (way ?? pacing.recommended));
  const keep = () => {
    if (picked !== undefined) {
      const { athleteId, workout } = pacing;
      choose.mutate({
        athleteId,
        workout: workout.text,
        scaling: picked.scaling,
        doing: picked.text,
        reason,
      });
    }
  };
  return (
    <div className={styles.choice} role="group" aria-label="Your choice">
      <Select<Way['scaling'] | null>
        aria-label="Way to do it"
        value={picked?.scaling ?? null}
        options={pacing.ways.map(({ scaling }) => ({ value: scaling, label: wayNames[scaling] }))}
        onChange={setWay}
      />
      <Input
        aria-label="Why"
        placeholder="Why, if you like"
        maxLength={200}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        onPressEnter={keep}
      />
      <Button disabled={picked === undefined || choose.isPending} onClick={keep}>
        Choose it
      </Button>
      {choose.isError && <p role="alert">{choose.error.message}</p>}
    </div>
  );
}
