import type { SignCode, SignGroup } from '../../../api/faults';
import styles from './SignBoard.module.css';

interface Props {
  groups: SignGroup[];
  chosen: SignCode[];
  onToggle: (sign: SignCode) => void;
}

/** Every sign as a touch, where one looks or listens for it. */
export function SignBoard({ groups, chosen, onToggle }: Props) {
  return (
    <div className={styles.board}>
      {groups.map((group) => (
        <fieldset key={group.place} className={styles.group}>
          <legend>{group.name}</legend>
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
