import { useEffect } from 'react';

/** Keeps the screen on while something runs on it; asked for again when one comes back to the page. */
export function useWakeLock(running: boolean): void {
  useEffect(() => {
    if (!running || !('wakeLock' in navigator)) {
      return;
    }
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const keep = async () => {
      if (document.visibilityState !== 'visible') {
        return;
      }
      try {
        lock = await navigator.wakeLock.request('screen');
      } catch {
        // Low battery, or not allowed: the screen goes dark as it would without.
        return;
      }
      if (over) {
        void lock.release();
      }
    };
    const again = () => void keep();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [running]);
}
