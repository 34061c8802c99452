import { Dressed } from '../design/page/Dressed';
import { FindAthlete } from './FindAthlete';
import { KeyHelp } from './KeyHelp';

export interface DialogsProps {
  open: 'none' | 'keys' | 'find';
  onClose: () => void;
}

/** What can be opened from everywhere. */
export function Dialogs({ open, onClose }: DialogsProps) {
  return (
    <Dressed>
      <KeyHelp open={open === 'keys'} onClose={onClose} />
      <FindAthlete open={open === 'find'} onClose={onClose} />
    </Dressed>
  );
}
