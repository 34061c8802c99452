import { useState } from 'react';
import type { Noted, SignCode, SignGroup } from '../../../api/faults';
import styles from './SignBoard.module.css';

export type Mark = 'seen' | 'fine';

interface Props {
  groups: SignGroup[];
  signs: Noted['signs'];
  /** The same mark again takes it away. */
  onMark: (sign: SignCode, mark: Mark) => void;
}

/** Every sign as a touch, where one looks or listens for it. */
export function SignBoard({ groups, signs, onMark }: Props) {
  return (
    <div className={styles.board}>
      {groups.map((group) => (
        <Signs key={group.place} group={group} signs={signs} onMark={onMark} />
      ))}
    </div>
  );
}

/** The same for a thumb: where, then what; then the place closes, so that the answer stands under it. */
export function SignPlaces({ groups, signs, onMark }: Props) {
  const [place, setPlace] = useState<string | null>(null);
  const open = groups.find((group) => group.place === place);
  return (
    <>
      <div role="group" aria-label="Where" className={styles.places}>
        {groups.map((group) => {
          const marked = group.signs.filter(({ code }) => signs[code] !== undefined).length;
          return (
            <button
              key={group.place}
              type="button"
              className={styles.place}
              aria-expanded={group.place === place}
              onClick={() => setPlace(group.place === place ? null : group.place)}
            >
              {group.name}
              {marked > 0 && <span> · {marked}</span>}
            </button>
          );
        })}
      </div>
      {open !== undefined && (
        <Signs
          group={open}
          signs={signs}
          onMark={(sign, mark) => {
            onMark(sign, mark);
            setPlace(null);
          }}
        />
      )}
    </>
  );
}

function Signs({ group, signs, onMark }: { group: SignGroup } & Omit<Props, 'groups'>) {
  return (
    <fieldset className={styles.group}>
      <legend>{group.name}</legend>
      {group.signs.map(({ code, text }) => (
        <div key={code} className={styles.row}>
          <button
            type="button"
            className={styles.sign}
            aria-pressed={signs[code] === 'seen'}
            onClick={() => onMark(code, 'seen')}
          >
            {text}
          </button>
          <button
            type="button"
            className={styles.fine}
            aria-pressed={signs[code] === 'fine'}
            aria-label={`Looked, fine: ${text}`}
            onClick={() => onMark(code, 'fine')}
          >
            fine
          </button>
        </div>
      ))}
    </fieldset>
  );
}
