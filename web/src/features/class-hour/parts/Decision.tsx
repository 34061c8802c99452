import type { ClassAthlete } from '../../../api/classHour';
import type { ShownEntry } from '../../../api/entries';
import { Dressed } from '../../../design/page/Dressed';
import type { Entry } from '../../../lib/logLine';
import { FirstEvening } from './FirstEvening';
import { JustNow } from './JustNow';
import { Selected } from './Selected';

interface Props {
  athletes: ClassAthlete[];
  entries: ShownEntry[];
  chosen: ClassAthlete | undefined;
  /** What was logged for them last, on this device. */
  last: ShownEntry | undefined;
  onLog: (athlete: ClassAthlete, entry: Entry) => void;
  onUndo: (entry: ShownEntry) => void;
  onClose: () => void;
}

/** Beside the hall: the athlete that was touched, and what was logged just now. */
export function Decision({ athletes, entries, chosen, last, onLog, onUndo, onClose }: Props) {
  return (
    <Dressed>
      {chosen !== undefined && (
        <Selected
          athlete={chosen}
          last={last}
          onLog={(entry) => onLog(chosen, entry)}
          onUndo={onUndo}
          onClose={onClose}
        />
      )}
      <JustNow athletes={athletes} entries={entries} />
      <FirstEvening hall={athletes} />
    </Dressed>
  );
}
