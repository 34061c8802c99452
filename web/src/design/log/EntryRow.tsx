import { Button, Dropdown } from 'antd';
import { memo, type ReactNode } from 'react';
import styles from './EntryList.module.css';

export interface Shown {
  id: string;
  athleteId: string;
  version: number;
  clean: boolean;
  /** Empty: on this device, or nobody knows. */
  loggedBy: string;
  /** Counted by the athlete, on their own card. */
  selfReported?: boolean;
  /** A count that is hardly meant, as a question. */
  asks: { sentence: string } | null;
  /** The entry that is the same set in somebody else's hand. */
  twin: string | null;
  state: 'kept' | 'waiting' | 'failed' | 'refused';
}

export interface Person {
  id: string;
  name: string;
}

interface Props {
  entry: Shown;
  said: string;
  /** To whom it can be moved. */
  people: readonly Person[];
  onJudge: (entry: Shown, said: string) => void;
  /** Null: it can't be moved. */
  onMove: ((entry: Shown, athleteId: string, said: string) => void) | null;
  onKeep: (entry: Shown, said: string) => void;
  onUndo: (entry: Shown, said: string) => void;
}

/** One entry; drawn anew only when something of it changed, for a list of them stands beside the hall. */
export const EntryRow = memo(function EntryRow({
  entry,
  said,
  people,
  onJudge,
  onMove,
  onKeep,
  onUndo,
}: Props) {
  const others = people.filter((one) => one.id !== entry.athleteId);
  return (
    <li>
      <span className={styles.said}>
        {said}
        {entry.selfReported === true ? (
          <small> own count</small>
        ) : (
          entry.loggedBy !== '' && <small> by {entry.loggedBy}</small>
        )}
        {entry.state !== 'kept' && <em> {states[entry.state]}</em>}
      </span>
      <Button
        type="text"
        onClick={() => onJudge(entry, said)}
        aria-label={`Quality of ${said}: ${entry.clean ? 'clean' : 'rough'}`}
      >
        {entry.clean ? 'clean' : 'rough'}
      </Button>
      {onMove !== null && others.length > 0 && (
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
}, isSame);

/** The entry is a new object with every answer; its handlers are the same all along. */
function isSame(one: Props, other: Props): boolean {
  const [a, b] = [one.entry, other.entry];
  return (
    one.said === other.said &&
    one.people === other.people &&
    one.onMove === other.onMove &&
    one.onUndo === other.onUndo &&
    a.id === b.id &&
    a.athleteId === b.athleteId &&
    a.version === b.version &&
    a.clean === b.clean &&
    a.loggedBy === b.loggedBy &&
    a.state === b.state &&
    a.twin === b.twin &&
    a.asks?.sentence === b.asks?.sentence
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
