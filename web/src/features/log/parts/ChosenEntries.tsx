import { Button } from 'antd';
import { useAthletes } from '../../../api/athletes';
import { useEntryLog } from '../../../api/entries';
import type { FoundEntry } from '../../../api/logged';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { Card } from '../../../design/page/Card';
import styles from '../logged.module.css';

interface Props {
  entries: FoundEntry[];
  onDone: () => void;
}

/** Many at once: given to somebody else, or taken back; each can be undone by itself. */
export function ChosenEntries({ entries, onDone }: Props) {
  const { move, undo } = useEntryLog();
  const athletes = useAthletes().data ?? [];
  const each = (act: (found: FoundEntry, said: string) => void) => {
    entries.forEach((found) => act(found, `${found.athleteName} ${found.entry.sentence}`));
    onDone();
  };
  return (
    <Card strong label="Chosen entries">
      <h2>
        {entries.length} {entries.length === 1 ? 'entry' : 'entries'} chosen
      </h2>
      <div className={styles.chosen}>
        <PersonPicker
          people={athletes}
          label="They were somebody else’s"
          onChange={(athleteId) => each(({ entry }, said) => move(entry, athleteId, said))}
        />
        <Button size="large" danger onClick={() => each(({ entry }, said) => undo(entry, said))}>
          Take them back
        </Button>
        <Button size="large" onClick={onDone}>
          Choose none
        </Button>
      </div>
    </Card>
  );
}
