import { notification } from 'antd';
import { createContext, useContext, type ReactNode } from 'react';

type Open = ReturnType<typeof notification.useNotification>[0];

const Context = createContext<Open | null>(null);

/** Shows the short notes that come and go beside the page: what was done, and the offer to undo it. */
export function Notes({ children }: { children: ReactNode }) {
  const [open, holder] = notification.useNotification();
  return (
    <Context value={open}>
      {holder}
      {children}
    </Context>
  );
}

export function useNotes(): Open {
  const open = useContext(Context);
  if (open === null) {
    throw new Error('useNotes needs <Notes> around the page');
  }
  return open;
}
