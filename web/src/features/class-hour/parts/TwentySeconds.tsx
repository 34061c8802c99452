import { Button } from 'antd';
import { useEffect, useState } from 'react';

const SECONDS = 20;

/** Counts twenty seconds down, so that a coach can look at the feet. */
export function TwentySeconds({ of }: { of: string }) {
  const [left, setLeft] = useState<number | null>(null);
  const runs = left !== null && left > 0;
  useEffect(() => {
    if (!runs) {
      return undefined;
    }
    const next = setTimeout(() => setLeft((now) => (now === null ? null : now - 1)), 1000);
    return () => clearTimeout(next);
  }, [runs, left]);
  return (
    <Button size="large" onClick={() => setLeft(runs ? null : SECONDS)} aria-live="off">
      {left === null
        ? `Twenty seconds of ${of}`
        : left > 0
          ? `${left} s of ${of}, touch to stop`
          : `Time: twenty seconds of ${of} again`}
    </Button>
  );
}
