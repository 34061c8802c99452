import { Button, InputNumber, Segmented } from 'antd';
import { useState } from 'react';
import { foundBy, type Aim, type Fitted, type Fitting, type FitWish, type useFit } from '../../../api/sets';
import { Card } from '../../../design/page/Card';
import styles from './FitForMe.module.css';

interface Props {
  fit: ReturnType<typeof useFit>;
  /** Null: none was asked for. */
  fitting: Fitting | null;
  onFitting: (fit: Fitting) => void;
}

const aims: { value: Aim; label: string; title: string }[] = [
  { value: 'practise', label: 'Practise', title: 'The top rung is made about 85 times in 100' },
  { value: 'test', label: 'Test', title: 'To the limit, once' },
  { value: 'tire', label: 'Tire', title: 'Many contacts, and nothing that stops the flow' },
];

/** "Fit it for me": minutes, contacts and aim give the best ladder, one that is easier and one that is harder, with why. */
export function FitForMe({ fit, fitting, onFitting }: Props) {
  const [draft, setDraft] = useState<FitWish>(fitting ?? { aim: 'practise', minutes: 6, contacts: null });
  const found = foundBy(fit.data);
  const number = (label: string, field: 'minutes' | 'contacts', most: number) => (
    <label>
      {label}
      <InputNumber<number>
        aria-label={label}
        min={1}
        max={most}
        precision={0}
        value={draft[field]}
        placeholder={field === 'minutes' ? 'once through' : 'all left today'}
        onChange={(value) => setDraft({ ...draft, [field]: value })}
        style={{ width: '100%' }}
      />
    </label>
  );
  return (
    <Card label="Fit it for me">
      <h2>Fit it for me</h2>
      <div className={styles.form}>
        {number('Minutes', 'minutes', 60)}
        {number('Contacts', 'contacts', 5000)}
        <Segmented<Aim>
          aria-label="Aim"
          block
          options={aims}
          value={draft.aim}
          onChange={(aim) => setDraft({ ...draft, aim })}
          className={styles.wide ?? ''}
        />
        <Button
          size="large"
          className={styles.wide ?? ''}
          loading={fit.isFetching}
          onClick={() => onFitting({ ...draft, pick: 0 })}
        >
          Fit the ladder
        </Button>
      </div>
      {fit.isError && <p role="alert">{fit.error.message}</p>}
      {fitting !== null && fit.data?.best === null && (
        <p role="note">
          Nothing of this shape is in reach, or fits the time and the contacts: choose another shape.
        </p>
      )}
      {fitting !== null && found.length > 0 && (
        <ul className={styles.found} aria-label="Ladders that fit">
          {found.map((one, i) => (
            <li key={i}>
              <button
                className={styles.pick}
                type="button"
                aria-pressed={i === fitting.pick}
                onClick={() => onFitting({ ...fitting, pick: i })}
              >
                <strong>{shapeOf(one)}</strong>
                <span>{one.why?.sentence}.</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </Card>
  );
}

function shapeOf({ start, step, top, times }: Fitted): string {
  const steps = step === 1 ? '' : ` by ${step}s`;
  const often = times === 1 ? '' : `, ${times} times`;
  return start === top ? `${top}${often}` : `${start} to ${top}${steps}${often}`;
}
