import { Button, Dropdown } from 'antd';
import type { ReactNode } from 'react';
import styles from './EntryList.module.css';

interface Shown {
  id: string;
  athleteId: string;
  clean: boolean;
  /** Empty: on this device, or nobody knows. */
  loggedBy: string;
  /** A count that is hardly meant, as a question. */
  asks: { sentence: string } | null;
  /** The entry that is the same set in somebody else's hand. */
  twin: string | null;
  state: 'kept' | 'waiting' | 'failed' | 'refused';
}

interface Props<Entry extends Shown> {
  /** The newest first. */
  entries: Entry[];
  /** How an entry is called here: with whose it is, or with its day. */
  say: (entry: Entry) => string;
  /** To whom an entry can be moved; nobody: it can't. */
  people?: { id: string; name: string }[];
  /** Each is told how the entry is called here. */
  onJudge: (entry: Entry, said: string) => void;
  onMove?: (entry: Entry, athleteId: string, said: string) => void;
  onKeep: (entry: Entry, said: string) => void;
  onUndo: (entry: Entry, said: string) => void;
}

/** What was logged, the newest first: quality by one touch, moved by two, and each can be taken back. */
export function EntryList<Entry extends Shown>({
  entries,
  say,
  people = [],
  onJudge,
  onMove,
  onKeep,
  onUndo,
}: Props<Entry>) {
  return (
    <ul className={styles.list}>
      {entries.map((entry) => {
        const said = say(entry);
        const others = people.filter((one) => one.id !== entry.athleteId);
        return (
          <li key={entry.id}>
            <span className={styles.said}>
              {said}
              {entry.loggedBy !== '' && <small> by {entry.loggedBy}</small>}
              {entry.state !== 'kept' && <em> {states[entry.state]}</em>}
            </span>
            <Button
              type="text"
              onClick={() => onJudge(entry, said)}
              aria-label={`Quality of ${said}: ${entry.clean ? 'clean' : 'rough'}`}
            >
              {entry.clean ? 'clean' : 'rough'}
            </Button>
            {onMove !== undefined && others.length > 0 && (
              <Dropdown
                trigger={['click']}
                menu={{
                  className: styles.people ?? '',
                  items: others.map(({ id, name }) => ({ key: id, label: name })),
                  onClick: ({ key }) => onMove(entry, key, said),
                }}
              >
                <Button type="text" aria-label={`Move ${said} to another athlete`}>
                  Move
                </Button>
              </Dropdown>
            )}
            <Button type="text" onClick={() => onUndo(entry, said)} aria-label={`Undo ${said}`}>
              Undo
            </Button>
            {entry.asks !== null && (
              <Asked question={entry.asks.sentence}>
                <Button onClick={() => onKeep(entry, said)}>Keep it</Button>
              </Asked>
            )}
            {entry.twin !== null && (
              <Asked question="Same set?">
                <Button onClick={() => onUndo(entry, said)}>Keep one</Button>
                <Button onClick={() => onKeep(entry, said)}>Keep both</Button>
              </Asked>
            )}
          </li>
        );
      })}
    </ul>
  );
}

const states = {
  waiting: 'not sent yet',
  failed: 'not sent yet, tried again soon',
  refused: 'refused: see Log',
} as const;

/** One quiet line under an entry. */
function Asked({ question, children }: { question: string; children: ReactNode }) {
  return (
    <span className={styles.asked}>
      {question} {children}
    </span>
  );
}
