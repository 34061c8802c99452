import { useEffect, useRef, type RefObject } from 'react';
import { useLocation } from 'react-router';

/** Where the heading has had the focus last; the first page leaves it where the browser puts it. */
let focused: string | null = null;

/**
 * Says in the tab what the page says, and moves the focus to the heading of a place one has gone to: whoever listens hears
 * where they are, and whoever goes on by key begins there. It is not taken from somebody who is already typing.
 */
export function usePageHead(title: string): RefObject<HTMLHeadingElement | null> {
  const heading = useRef<HTMLHeadingElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    document.title = `${title} · Zumbo`;
  }, [title]);
  useEffect(() => {
    const first = focused === null;
    const came = focused !== pathname;
    focused = pathname;
    // A page is drawn anew when its answer comes: the heading that had the focus is gone then, and so is the focus.
    const nowhere = document.activeElement === null || document.activeElement === document.body;
    const onTheWay = document.activeElement?.closest('a, [role="dialog"]') ?? null;
    if (!first && (nowhere || (came && onTheWay !== null))) {
      heading.current?.focus();
    }
  }, [pathname]);
  return heading;
}
