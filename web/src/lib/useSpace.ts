import { useEffect } from 'react';
import { hasSingleKeys } from './singleKeys';

/** Space pauses and goes on anywhere but in a text field; buttons are pressed with Enter. */
export function useSpace(onSpace: () => void, active: boolean): void {
  useEffect(() => {
    if (!active) {
      return;
    }
    const isOurs = (event: KeyboardEvent) =>
      event.key === ' ' &&
      hasSingleKeys() &&
      !(event.target instanceof HTMLElement && /^(INPUT|TEXTAREA)$/.test(event.target.tagName));
    const down = (event: KeyboardEvent) => {
      if (isOurs(event)) {
        event.preventDefault();
        if (!event.repeat) {
          onSpace();
        }
      }
    };
    // A button would be pressed when the key comes up.
    const up = (event: KeyboardEvent) => isOurs(event) && event.preventDefault();
    window.addEventListener('keydown', down);
    window.addEventListener('keyup', up);
    return () => {
      window.removeEventListener('keydown', down);
      window.removeEventListener('keyup', up);
    };
  }, [onSpace, active]);
}
