import { InputNumber, Radio } from 'antd';
import type { Athlete } from '../../../api/athletes';
import type { Family, LadderWish } from '../../../api/sets';
import { PersonPicker } from '../../../design/PersonPicker';
import styles from './LadderForm.module.css';

interface Props {
  athletes: Athlete[];
  athleteId: string;
  onAthlete: (id: string) => void;
  wish: LadderWish;
  onWish: (wish: LadderWish) => void;
}

const families: { value: Family; label: string }[] = [
  { value: 'rising', label: 'Rising: 1, 2, 3 …' },
  { value: 'pyramid', label: 'Pyramid: up and down' },
  { value: 'falling-singles', label: 'Falling singles, one double' },
  { value: 'fixed-singles', label: 'Fixed singles, rising doubles' },
];

/** For whom, which shape, how high. */
export function LadderForm({ athletes, athleteId, onAthlete, wish, onWish }: Props) {
  return (
    <div className={styles.form}>
      <label>
        Athlete
        <PersonPicker people={athletes} value={athleteId} onChange={onAthlete} />
      </label>
      <Radio.Group
        aria-label="Shape"
        options={families}
        value={wish.family}
        onChange={(event) => onWish({ ...wish, family: event.target.value as Family })}
        className={styles.families ?? ''}
      />
      <label>
        Top rung
        <InputNumber<number>
          min={1}
          max={30}
          precision={0}
          aria-label="Top rung"
          value={wish.top}
          onChange={(top) => top !== null && onWish({ ...wish, top })}
          style={{ width: '100%' }}
        />
      </label>
      {wish.family === 'fixed-singles' && (
        <label>
          Singles before
          <InputNumber<number>
            min={1}
            max={10}
            precision={0}
            aria-label="Singles before"
            value={wish.fixedSingles}
            onChange={(fixedSingles) => fixedSingles !== null && onWish({ ...wish, fixedSingles })}
            style={{ width: '100%' }}
          />
        </label>
      )}
    </div>
  );
}
