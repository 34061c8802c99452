import { Button, Input } from 'antd';
import { useState } from 'react';
import { useUnit } from '../../../api/session';
import { formatLength } from '../../../lib/units';
import type { RopeBench } from './useRopeBench';
import styles from './ByHand.module.css';

interface Props {
  bench: RopeBench;
  reason: string;
  onReason: (reason: string) => void;
}

/** The coach keeps the last word: another length, remembered with its reason. */
export function ByHand({ bench, reason, onReason }: Props) {
  const unit = useUnit();
  const [open, setOpen] = useState(false);
  const [cable, setCable] = useState('');
  if (!open) {
    return (
      <Button block className={styles.open ?? ''} onClick={() => setOpen(true)}>
        Set another length
      </Button>
    );
  }
  return (
    <div className={styles.byHand}>
      <label>
        Cable
        <Input
          autoFocus
          placeholder={formatLength(2.38, unit)}
          value={cable}
          onChange={(event) => setCable(event.target.value)}
          onBlur={() => bench.setCable(cable)}
          onPressEnter={() => bench.setCable(cable)}
        />
      </label>
      <label>
        Why
        <Input
          placeholder="her hands are already quiet"
          maxLength={200}
          value={reason}
          onChange={(event) => onReason(event.target.value)}
        />
      </label>
      <Button
        type="text"
        onClick={() => {
          setOpen(false);
          setCable('');
          onReason('');
          bench.setCable('');
        }}
      >
        Back to the computed length
      </Button>
    </div>
  );
}
