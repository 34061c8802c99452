import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { hasSingleKeys } from '../lib/singleKeys';
import { places } from './placeList';

interface Actions {
  onHelp: () => void;
  onFind: () => void;
}

/** Keys that work everywhere: Alt and a digit for the places; `?` and `/` outside of text fields. */
export function useShortcuts({ onHelp, onFind }: Actions): void {
  const navigate = useNavigate();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const place =
        event.altKey && !event.ctrlKey && /^Digit[1-8]$/.test(event.code)
          ? places[Number(event.code.slice(5)) - 1]
          : undefined;
      if (place !== undefined) {
        event.preventDefault();
        void navigate(place.path);
      } else if (
        hasSingleKeys() &&
        !isTyping(event.target) &&
        !event.altKey &&
        !event.ctrlKey &&
        !event.metaKey
      ) {
        if (event.key === '?') {
          onHelp();
        } else if (event.key === '/') {
          event.preventDefault();
          onFind();
        }
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, onHelp, onFind]);
}

function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}
