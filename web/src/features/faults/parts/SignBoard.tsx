import type { SignCode, SignGroup } from '../../../api/faults';
import styles from './SignBoard.module.css';

interface Props {
  groups: SignGroup[];
  chosen: SignCode[];
  onToggle: (sign: SignCode) => void;
}

const places: Record<SignGroup['place'], string> = {
  hands: 'Hands and arms',
  feet: 'Feet',
  legs: 'Legs',
  trunk: 'Trunk',
  head: 'Head',
  rope: 'Rope',
  sound: 'By ear',
  beat: 'The beat, the set',
  feeling: 'Felt by the athlete',
};

/** Every sign as a touch, where one looks or listens for it. */
export function SignBoard({ groups, chosen, onToggle }: Props) {
  return (
    <div className={styles.board}>
      {groups.map((group) => (
        <fieldset key={group.place} className={styles.group}>
          <legend>{places[group.place]}</legend>
          {group.signs.map((sign) => (
            <button
              key={sign.code}
              type="button"
              className={styles.sign}
              aria-pressed={chosen.includes(sign.code)}
              onClick={() => onToggle(sign.code)}
            >
              {sign.text}
            </button>
          ))}
        </fieldset>
      ))}
    </div>
  );
}
