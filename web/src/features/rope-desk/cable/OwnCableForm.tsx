import { Button, Input, InputNumber } from 'antd';
import { useState } from 'react';
import { useAddCable } from '../../../api/cables';
import { FieldStack } from '../../../design/form/FieldStack';
import { newId } from '../../../lib/ids';
import { formatLong } from '../../../lib/units';
import { useUnit } from '../../../api/session';
import styles from '../size/Tapes.module.css';

/** A cable of the gym's own: a piece of it on a kitchen scale gives the grams of a metre. */
export function OwnCableForm() {
  const [id, setId] = useState(newId);
  const [name, setName] = useState('');
  const [diameterMm, setDiameter] = useState<number | null>(null);
  const [piece, setPiece] = useState('');
  const [grams, setGrams] = useState<number | null>(null);
  const add = useAddCable();
  const unit = useUnit();
  const keep = () =>
    add.mutate(
      { id, input: { name, diameterMm: diameterMm ?? 0, piece, grams: grams ?? 0 } },
      {
        onSuccess: () => {
          setId(newId());
          setName('');
          setPiece('');
          setDiameter(null);
          setGrams(null);
        },
      },
    );
  return (
    <section className={styles.tapes} aria-label="Weigh a cable">
      <h2>Weigh a cable of your own</h2>
      <p>Cut or coil off a piece, measure it, put it on a kitchen scale.</p>
      <FieldStack>
        <label>
          What you call it
          <Input maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
        </label>
        <label>
          Diameter in mm
          <InputNumber value={diameterMm} step={0.1} onChange={setDiameter} style={{ width: '100%' }} />
        </label>
        <label>
          Length of the piece
          <Input
            placeholder={formatLong(2, unit)}
            value={piece}
            onChange={(event) => setPiece(event.target.value)}
          />
        </label>
        <label>
          Its weight in grams
          <InputNumber value={grams} onChange={setGrams} style={{ width: '100%' }} />
        </label>
        {add.error !== null && (
          <p role="alert" className={styles.refused}>
            {add.error.message}
          </p>
        )}
        <Button block loading={add.isPending} onClick={keep}>
          Save this cable
        </Button>
      </FieldStack>
    </section>
  );
}
