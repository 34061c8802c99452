import { notification } from 'antd';
import { useEffect } from 'react';
import { Dressed } from './Dressed';
import { hostNotes } from './notes';
import { useFloor } from './useMedia';

/** Below the places: they can be touched while a note is there. */
const UNDER_THE_PLACES_PX = 112;

/** Where the notes are shown; it stays while pages come and go. */
export function NotesHost() {
  return (
    <Dressed>
      <Notes />
    </Dressed>
  );
}

function Notes() {
  const floor = useFloor();
  const [made, holder] = notification.useNotification(floor ? { top: UNDER_THE_PLACES_PX } : {});
  useEffect(() => hostNotes(made), [made]);
  return holder;
}
