import { Button } from 'antd';
import { FIRST_VERSION } from '../../lib/ids';
import styles from './EntryList.module.css';

interface Shown {
  id: string;
  sentence: string;
  clean: boolean;
  version: number;
}

interface Props<Entry extends Shown> {
  /** On this device only, for now. */
  unsent: { id: string; said: string }[];
  /** On the server, the newest first. */
  entries: Entry[];
  onJudge: (entry: Entry) => void;
  onUndo: (id: string, version: number) => void;
}

/** What was logged, the newest first: quality by one touch, and each can be taken back. */
export function EntryList<Entry extends Shown>({ unsent, entries, onJudge, onUndo }: Props<Entry>) {
  return (
    <ul className={styles.list}>
      {[...unsent].reverse().map((write) => (
        <li key={write.id}>
          <span>
            {write.said} <em>not sent yet</em>
          </span>
          <Button
            type="text"
            onClick={() => onUndo(write.id, FIRST_VERSION)}
            aria-label={`Undo ${write.said}`}
          >
            Undo
          </Button>
        </li>
      ))}
      {entries.map((entry) => (
        <li key={entry.id}>
          <span>{entry.sentence}</span>
          <Button
            type="text"
            onClick={() => onJudge(entry)}
            aria-label={`Quality of ${entry.sentence}: ${entry.clean ? 'clean' : 'rough'}`}
          >
            {entry.clean ? 'clean' : 'rough'}
          </Button>
          <Button
            type="text"
            onClick={() => onUndo(entry.id, entry.version)}
            aria-label={`Undo ${entry.sentence}`}
          >
            Undo
          </Button>
        </li>
      ))}
    </ul>
  );
}
