import { Button } from 'antd';
import { useState } from 'react';
import styles from './PainPad.module.css';

interface Place {
  code: string;
  name: string;
}

interface Props {
  places: Place[];
  /** Warning signs that nobody on the floor clears. */
  signs: Place[];
  onPain: (place: string, degree: number) => void;
  onSign: (sign: string) => void;
}

const degrees = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

/** Pain in two touches, where and how much; or a warning sign, which is chosen and then asks once whether it is meant. */
export function PainPad({ places, signs, onPain, onSign }: Props) {
  const [place, setPlace] = useState<Place>();
  const [asksSign, setAsksSign] = useState(false);
  const [sign, setSign] = useState<Place>();
  if (sign !== undefined) {
    return (
      <div className={styles.pad} role="group" aria-label="Warning sign">
        <p>{sign.name}: jumping stays off until a professional has cleared it. No coach can lift this.</p>
        <div className={styles.chips}>
          <Button type="primary" danger size="large" onClick={() => onSign(sign.code)}>
            {sign.name}: stop now
          </Button>
          <Button size="large" onClick={() => setSign(undefined)}>
            Back
          </Button>
        </div>
      </div>
    );
  }
  if (asksSign) {
    return (
      <div className={styles.pad} role="group" aria-label="Which warning sign">
        <p>Which warning sign?</p>
        <div className={styles.chips}>
          {signs.map((one) => (
            <Button key={one.code} size="large" danger onClick={() => setSign(one)}>
              {one.name}
            </Button>
          ))}
          <Button size="large" type="text" onClick={() => setAsksSign(false)}>
            Back
          </Button>
        </div>
      </div>
    );
  }
  if (place === undefined) {
    return (
      <div className={styles.pad} role="group" aria-label="Where it hurts">
        <p>It hurts:</p>
        <div className={styles.chips}>
          {places.map((one) => (
            <Button key={one.code} onClick={() => setPlace(one)}>
              {one.name}
            </Button>
          ))}
          <Button danger onClick={() => setAsksSign(true)}>
            A warning sign …
          </Button>
        </div>
      </div>
    );
  }
  return (
    <div className={styles.pad} role="group" aria-label="How much">
      <p>{place.name}: how much, of 10?</p>
      <div className={styles.chips}>
        {degrees.map((degree) => (
          <Button
            key={degree}
            size="large"
            aria-label={`${place.name}, ${degree} of 10`}
            onClick={() => onPain(place.code, degree)}
          >
            {degree}
          </Button>
        ))}
        <Button size="large" type="text" onClick={() => setPlace(undefined)}>
          Back
        </Button>
      </div>
    </div>
  );
}
