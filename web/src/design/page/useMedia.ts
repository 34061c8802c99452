import { useEffect, useState } from 'react';
import { FLOOR } from '../theme';

/** Whether a media query holds, now and whenever that changes. */
function useMedia(media: string): boolean {
  const [holds, setHolds] = useState(() => window.matchMedia(media).matches);
  useEffect(() => {
    const query = window.matchMedia(media);
    const change = () => setHolds(query.matches);
    query.addEventListener('change', change);
    return () => query.removeEventListener('change', change);
  }, [media]);
  return holds;
}

/** Whether this is the floor: a narrow screen, one thumb. */
export const useFloor = (): boolean => useMedia(FLOOR);

/** Whether the person asked their device for things that do not move. */
export const useStill = (): boolean => useMedia('(prefers-reduced-motion: reduce)');
