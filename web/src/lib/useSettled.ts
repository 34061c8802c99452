import { useEffect, useState } from 'react';

/** What a value was when it last rested for a while. */
export function useSettled<Value>(value: Value, restMs: number): Value {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), restMs);
    return () => clearTimeout(timer);
  }, [value, restMs]);
  return settled;
}
