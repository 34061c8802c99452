import { useEffect, useState } from 'react';

/** Measured again so often: a device's own clock goes wrong by milliseconds a minute. */
const MEASURE_MS = 60_000;
const TICK_MS = 100;

/** While a page is being built its answers are slow: asked again once it stands. */
const AGAIN_MS = [2000, 6000, 15_000];

interface Time {
  now: () => number;
  measure: () => Promise<void>;
}

/** The server's time, told ten times a second while something runs; measured anew now and then and after a sleep. */
export function useAgreedNow(time: Time, running: boolean): number {
  const [now, setNow] = useState(time.now);
  useEffect(() => {
    const measure = () =>
      void time.measure().then(() => {
        setNow(time.now());
      });
    const awake = () => document.visibilityState === 'visible' && measure();
    measure();
    const timer = setInterval(measure, MEASURE_MS);
    const again = AGAIN_MS.map((ms) => setTimeout(measure, ms));
    document.addEventListener('visibilitychange', awake);
    return () => {
      clearInterval(timer);
      again.forEach((one) => clearTimeout(one));
      document.removeEventListener('visibilitychange', awake);
    };
  }, [time]);
  useEffect(() => {
    if (!running) {
      return;
    }
    const timer = setInterval(() => setNow(time.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [time, running]);
  return now;
}
