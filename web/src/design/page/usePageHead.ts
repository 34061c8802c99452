import { useEffect, useRef, type RefObject } from 'react';
import { useLocation } from 'react-router';

/** For which place the heading has had the focus last. */
let focused: string | null = null;

/** How the router names the address that was opened, before anybody has gone anywhere. */
const BEGINNING = 'default';

/**
 * Says in the tab what the page says, and moves the focus to the heading of a place one has gone to: whoever listens hears
 * where they are, and whoever goes on by key begins there. It is not taken from somebody who is already typing.
 */
export function usePageHead(title: string): RefObject<HTMLHeadingElement | null> {
  const heading = useRef<HTMLHeadingElement>(null);
  const { pathname, key } = useLocation();
  useEffect(() => {
    document.title = `${title} · Zumbo`;
  }, [title]);
  useEffect(() => {
    const came = focused !== pathname;
    focused = pathname;
    // A page is drawn anew when its answer comes: the heading that had the focus is gone then, and so is the focus.
    const nowhere = document.activeElement === null || document.activeElement === document.body;
    const onTheWay = document.activeElement?.closest('a, [role="dialog"]') ?? null;
    // The page one begins with leaves the focus where the browser puts it.
    if (key !== BEGINNING && (nowhere || (came && onTheWay !== null))) {
      heading.current?.focus();
    }
  }, [pathname, key]);
  return heading;
}
