import { useEffect, useRef, useState, type RefObject } from 'react';

/** Before it is known, and where nothing has a width. */
const USUAL = 640;

/** How wide a place is, followed as it changes. */
export function useWidth<E extends HTMLElement>(): [RefObject<E | null>, number] {
  const place = useRef<E>(null);
  const [width, setWidth] = useState(USUAL);
  useEffect(() => {
    const element = place.current;
    if (element === null || typeof ResizeObserver === 'undefined') {
      return;
    }
    const watch = new ResizeObserver(([entry]) => {
      const found = Math.floor(entry?.contentRect.width ?? 0);
      if (found > 0) {
        setWidth(found);
      }
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  return [place, width];
}
