import { Button } from 'antd';
import { useEffect, useState } from 'react';

const SECONDS = 20;

interface Props {
  of: string;
  /** What was tapped in the twenty seconds; left out: nothing is. */
  onTapped?: (taps: number) => void;
}

/** Counts twenty seconds down, so that a coach can look at the feet; where turns are tapped, each touch is one. */
export function TwentySeconds({ of, onTapped }: Props) {
  const [left, setLeft] = useState<number | null>(null);
  const [taps, setTaps] = useState(0);
  const runs = left !== null && left > 0;
  useEffect(() => {
    if (!runs) {
      return undefined;
    }
    const next = setTimeout(() => setLeft((now) => (now === null ? null : now - 1)), 1000);
    return () => clearTimeout(next);
  }, [runs, left]);
  const begin = () => {
    setTaps(0);
    setLeft(SECONDS);
  };
  const tap = () => {
    setTaps(taps + 1);
    onTapped?.(taps + 1);
  };
  const touch = !runs ? begin : onTapped === undefined ? () => setLeft(null) : tap;
  return (
    <>
      <Button size="large" block={runs && onTapped !== undefined} onClick={touch} aria-live="off">
        {left === null
          ? `Twenty seconds of ${of}`
          : left === 0
            ? `Time: twenty seconds of ${of} again`
            : onTapped === undefined
              ? `${left} s of ${of}, touch to stop`
              : `${left} s: tap each turn${taps === 0 ? '' : `, ${taps} so far`}`}
      </Button>
      {runs && onTapped !== undefined && (
        <Button type="text" size="large" onClick={() => setLeft(null)}>
          Stop the count
        </Button>
      )}
    </>
  );
}
