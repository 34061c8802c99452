import { useEffect } from 'react';
import type { Schemas } from './typed';

/** What a sensor reports while it runs: the events since its last report, and the core's reading of all so far. */
export type SensorEvent = Schemas['SensorEvent'];

const NAME = 'zumbo-sensor';

/** Hands a message of the live channel on; says whether it was a sensor's. */
export function tellSensor(message: string): boolean {
  if (!message.startsWith('{')) {
    return false;
  }
  window.dispatchEvent(new CustomEvent(NAME, { detail: JSON.parse(message) as SensorEvent }));
  return true;
}

export function useSensorEvents(listen: (event: SensorEvent) => void): void {
  useEffect(() => {
    const hear = (event: Event) => listen((event as CustomEvent<SensorEvent>).detail);
    window.addEventListener(NAME, hear);
    return () => window.removeEventListener(NAME, hear);
  }, [listen]);
}
