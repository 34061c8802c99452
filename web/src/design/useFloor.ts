import { useEffect, useState } from 'react';
import { FLOOR } from './theme';

/** Whether this is the floor: a narrow screen, one thumb. */
export function useFloor(): boolean {
  const [floor, setFloor] = useState(() => window.matchMedia(FLOOR).matches);
  useEffect(() => {
    const query = window.matchMedia(FLOOR);
    const change = () => setFloor(query.matches);
    query.addEventListener('change', change);
    return () => query.removeEventListener('change', change);
  }, []);
  return floor;
}
