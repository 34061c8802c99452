import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { useMeasureAthlete, type Athlete, type MeasuresInput } from '../../../api/athletes';
import { useRopeTerms, type School } from '../../../api/ropes';
import type { TrimSchool } from '../../../api/trim';
import { FieldStack } from '../../../design/form/FieldStack';
import { newId } from '../../../lib/ids';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './Tapes.module.css';

type Landmark = 'shoulder' | 'armpit' | 'chest' | 'breastbone';

const landmarks: { name: Landmark; label: string }[] = [
  { name: 'shoulder', label: 'Shoulder' },
  { name: 'armpit', label: 'Armpit' },
  { name: 'chest', label: 'Chest' },
  { name: 'breastbone', label: 'Breastbone' },
];

const schools: { value: TrimSchool | 'gym'; label: string }[] = [
  { value: 'gym', label: 'as the gym does it' },
  { value: 'start-long', label: 'start long and trim' },
  { value: 'goal-length', label: 'goal length from day one' },
];

/** Heights taped on the athlete, which win over the estimate, and how this athlete comes to the length they keep. */
export function Tapes({ athlete, unit }: { athlete: Athlete; unit: LengthUnit }) {
  const stored: Record<Landmark, number | null> = {
    shoulder: athlete.taped.shoulderM,
    armpit: athlete.taped.armpitM,
    chest: athlete.taped.chestM,
    breastbone: athlete.taped.breastboneM,
  };
  const [typed, setTyped] = useState<Partial<Record<Landmark, string>>>({});
  const [chosenSchool, setSchool] = useState<TrimSchool | 'gym'>();
  const [chosenGoal, setGoal] = useState<School | 'stage'>();
  const [typedHandle, setHandle] = useState<string>();
  const terms = useRopeTerms().data;
  const measure = useMeasureAthlete();
  const school = chosenSchool ?? athlete.trimSchool ?? 'gym';
  const goal = chosenGoal ?? athlete.school ?? 'stage';
  const handle =
    typedHandle ?? (athlete.handleLengthM === null ? '' : formatLength(athlete.handleLengthM, unit));
  const shown = (name: Landmark) => {
    const metres = stored[name];
    return typed[name] ?? (metres === null ? '' : formatLength(metres, unit));
  };
  const value = (name: Landmark) =>
    shown(name).trim() === '' ? null : exact(typed[name], stored[name], unit);
  const keep = () => {
    const input: MeasuresInput = {
      shoulder: value('shoulder'),
      armpit: value('armpit'),
      chest: value('chest'),
      breastbone: value('breastbone'),
      trimSchool: school === 'gym' ? null : school,
      school: goal === 'stage' ? null : goal,
      handle: handle.trim() === '' ? null : exact(typedHandle, athlete.handleLengthM, unit),
    };
    measure.mutate(
      { id: athlete.id, input, change: { mutationId: newId(), version: athlete.version } },
      {
        onSuccess: () => {
          setTyped({});
          setHandle(undefined);
          setSchool(undefined);
          setGoal(undefined);
        },
      },
    );
  };
  return (
    <details className={styles.tapes}>
      <summary>Tape, handles, sizing method</summary>
      <FieldStack>
        {landmarks.map(({ name, label }) => (
          <label key={name}>
            {label}, above the floor
            <Input
              aria-label={`${label} taped`}
              placeholder="estimated"
              value={shown(name)}
              onChange={(event) => setTyped((now) => ({ ...now, [name]: event.target.value }))}
              onPressEnter={keep}
            />
          </label>
        ))}
        <label>
          One handle
          <Input
            aria-label="Their handle"
            placeholder="not known"
            value={handle}
            onChange={(event) => setHandle(event.target.value)}
            onPressEnter={keep}
          />
        </label>
        <label>
          Sizing method
          <Select<School | 'stage'>
            aria-label="Sizing method"
            value={goal}
            options={[
              { value: 'stage', label: 'stage, as the gym does it' },
              ...(terms?.schools ?? []).map(({ code, name }) => ({ value: code, label: name })),
            ]}
            onChange={setGoal}
          />
        </label>
        <label>
          Trim school
          <Select aria-label="Trim school" options={schools} value={school} onChange={setSchool} />
        </label>
        {measure.error !== null && (
          <p role="alert" className={styles.refused}>
            {measure.error.message}
          </p>
        )}
        <Button block loading={measure.isPending} onClick={keep}>
          Save tape, handles and method
        </Button>
      </FieldStack>
    </details>
  );
}

/** What was not typed anew goes back as it is kept, not as it was rounded for the screen. */
function exact(typed: string | undefined, metres: number | null, unit: LengthUnit): string | null {
  return (
    typed ?? (metres === null ? null : unit === 'cm' ? `${(metres * 100).toFixed(2)} cm` : `${metres} m`)
  );
}
