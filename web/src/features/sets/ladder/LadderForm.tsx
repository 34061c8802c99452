import type { Family, LadderWish, MissRule } from '../../../api/sets';
import { ChoiceField } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';

interface Props {
  wish: LadderWish;
  /** Those that the athlete's method climbs. */
  climbed: readonly Family[];
  onWish: (wish: LadderWish) => void;
}

export const families: { value: Family; label: string }[] = [
  { value: 'rising', label: 'Rising: 1, 2, 3 …' },
  { value: 'falling', label: 'Falling: … 3, 2, 1' },
  { value: 'pyramid', label: 'Pyramid: up and down' },
  { value: 'falling-singles', label: 'Falling singles, one double' },
  { value: 'fixed-singles', label: 'Fixed singles, rising doubles' },
  { value: 'unbroken', label: 'Unbroken: one number' },
];

export const missRules: { value: MissRule; label: string }[] = [
  { value: 'repeat', label: 'Miss: repeat the rung' },
  { value: 'step-down', label: 'Miss: one rung down' },
  { value: 'carry-on', label: 'Miss: carry on' },
];

/** Which shape, from where to where, and what a miss means. */
export function LadderForm({ wish, climbed, onWish }: Props) {
  const number = (
    label: string,
    field: keyof LadderWish & ('start' | 'step' | 'top' | 'times'),
    most: number,
  ) => (
    <NumberField
      label={label}
      least={1}
      most={most}
      value={wish[field]}
      onChange={(value) => onWish(within({ ...wish, [field]: value }))}
    />
  );
  return (
    <>
      <ChoiceField
        label="Shape"
        options={families.filter(({ value }) => climbed.includes(value))}
        value={wish.family}
        onChange={(family) => onWish({ ...wish, family })}
      />
      {number('Top rung', 'top', 60)}
      {wish.family !== 'unbroken' && number('First rung', 'start', wish.top)}
      {wish.family !== 'unbroken' && number('Step', 'step', 20)}
      {number('Times through', 'times', 20)}
      {wish.family === 'fixed-singles' && (
        <NumberField
          label="Singles before"
          least={1}
          most={10}
          value={wish.fixedSingles}
          onChange={(fixedSingles) => onWish({ ...wish, fixedSingles })}
        />
      )}
      <NumberField
        label="Calm singles to end a rung"
        least={0}
        most={20}
        value={wish.exitSingles}
        onChange={(exitSingles) => onWish({ ...wish, exitSingles })}
      />
      <ChoiceField
        label="What a miss means"
        options={missRules}
        value={wish.missRule}
        onChange={(missRule) => onWish({ ...wish, missRule })}
      />
    </>
  );
}

/** A ladder starts at its top at the latest. */
function within(wish: LadderWish): LadderWish {
  return { ...wish, start: Math.min(wish.start, wish.top) };
}
