import { useSyncExternalStore } from 'react';
import type { BeatHead } from '../../lib/beatHead';

/** What is to be seen of the head: the component is drawn anew when that changes, not at each of its steps. */
export function useBeatHead<T extends string | number | boolean | null>(
  head: BeatHead,
  read: (atS: number | null) => T,
): T {
  return useSyncExternalStore(head.subscribe, () => read(head.now));
}
