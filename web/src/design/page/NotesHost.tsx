import { notification } from 'antd';
import { useEffect } from 'react';
import { Dressed } from './Dressed';
import { hostNotes } from './notes';

/** Where the notes are shown; it stays while pages come and go. */
export function NotesHost() {
  return (
    <Dressed>
      <Notes />
    </Dressed>
  );
}

function Notes() {
  const [made, holder] = notification.useNotification();
  useEffect(() => hostNotes(made), [made]);
  return holder;
}
