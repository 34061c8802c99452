import type { notification } from 'antd';

type Host = Pick<ReturnType<typeof notification.useNotification>[0], 'open' | 'destroy'>;

let host: Host | null = null;
const waiting: ((host: Host) => void)[] = [];
let onFirst: () => void = () => undefined;

/** The short notes that come and go beside whatever page is open: what was done, and the offer to undo it. */
export const notes: Host = {
  // They lie over cards of their own colour.
  open: (note) => tell((there) => there.open({ style: { border: '1px solid var(--ink)' }, ...note })),
  destroy: (key) => tell((there) => there.destroy(key)),
};

/** Calls when there is something to show and nobody to show it; ends with what it answers. */
export function whenNoted(call: () => void): () => void {
  onFirst = call;
  return () => {
    onFirst = () => undefined;
  };
}

/** Shows them from now on, and those that came before; ends with what it answers. */
export function hostNotes(made: Host): () => void {
  host = made;
  waiting.splice(0).forEach((what) => what(made));
  return () => {
    host = host === made ? null : host;
  };
}

function tell(what: (host: Host) => void): void {
  if (host === null) {
    waiting.push(what);
    onFirst();
  } else {
    what(host);
  }
}
