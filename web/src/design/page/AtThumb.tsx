import { createContext, useContext, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { useFloor } from './useMedia';

const Bar = createContext<HTMLElement | null>(null);

/** Gives what is inside the bar of its page, or none (null): where the whole part is at the thumb already. */
export const ThumbBar = Bar.Provider;

/** The one action of a page: where it is written; on a phone at the thumb, wherever one has scrolled. */
export function AtThumb({ children }: { children: ReactNode }) {
  const bar = useContext(Bar);
  return useFloor() && bar !== null ? createPortal(children, bar) : children;
}
