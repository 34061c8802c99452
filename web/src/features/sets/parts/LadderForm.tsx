import type { Family, LadderWish } from '../../../api/sets';
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
  { value: 'pyramid', label: 'Pyramid: up and down' },
  { value: 'falling-singles', label: 'Falling singles, one double' },
  { value: 'fixed-singles', label: 'Fixed singles, rising doubles' },
];

/** Which shape, how high. */
export function LadderForm({ wish, climbed, onWish }: Props) {
  return (
    <>
      <ChoiceField
        label="Shape"
        options={families.filter(({ value }) => climbed.includes(value))}
        value={wish.family}
        onChange={(family) => onWish({ ...wish, family })}
      />
      <NumberField
        label="Top rung"
        least={1}
        most={30}
        value={wish.top}
        onChange={(top) => onWish({ ...wish, top })}
      />
      {wish.family === 'fixed-singles' && (
        <NumberField
          label="Singles before"
          least={1}
          most={10}
          value={wish.fixedSingles}
          onChange={(fixedSingles) => onWish({ ...wish, fixedSingles })}
        />
      )}
    </>
  );
}
