import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { Checkbox } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useEntryLog } from '../../../api/entries';
import type { FoundEntry } from '../../../api/logged';
import { PlainButton } from '../../../design/page/PlainButton';
import { EntryChange } from './EntryChange';
import styles from '../logged.module.css';

interface Props {
  entries: FoundEntry[];
  chosen: ReadonlySet<string>;
  onChoose: (id: string, on: boolean) => void;
  /** The end is near: fetch what comes next. */
  onNearEnd: () => void;
}

const ROW_PX = 76;
const NEAR = 10;

/** The entries, however many: only those in sight are drawn. */
export function LoggedRows({ entries, chosen, onChoose, onNearEnd }: Props) {
  const { undo } = useEntryLog();
  const [open, setOpen] = useState<string>();
  const list = useRef<HTMLUListElement>(null);
  const [top, setTop] = useState(0);
  useEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({
    count: entries.length,
    estimateSize: () => ROW_PX,
    overscan: 8,
    scrollMargin: top,
    getItemKey: (i) => entries[i]?.entry.id ?? i,
  });
  const shown = rows.getVirtualItems();
  const last = shown[shown.length - 1]?.index ?? 0;
  useEffect(() => {
    if (last >= entries.length - NEAR && last > 0 && entries.length > NEAR) {
      onNearEnd();
    }
  }, [last, entries.length, onNearEnd]);
  return (
    <ul ref={list} className={styles.list} aria-label="Entries" style={{ height: rows.getTotalSize() }}>
      {shown.map(({ index, key, start }) => {
        const found = entries[index];
        if (found === undefined) {
          return null;
        }
        const { entry, athleteName, work, day, time } = found;
        const said = `${athleteName} ${entry.sentence}`;
        return (
          <li
            key={key}
            ref={rows.measureElement}
            data-index={index}
            aria-setsize={entries.length}
            aria-posinset={index + 1}
            style={{ transform: `translateY(${String(start - top)}px)` }}
          >
            <div className={styles.row}>
              <Checkbox
                aria-label={`Choose ${said}`}
                checked={chosen.has(entry.id)}
                onChange={(event) => onChoose(entry.id, event.target.checked)}
              />
              <p>
                <strong>
                  {athleteName}: {entry.sentence}
                </strong>
                {!entry.clean && ', rough'}
                <br />
                {work}, {day} {time}
                {entry.selfReported ? ', own count' : entry.loggedBy !== '' && `, by ${entry.loggedBy}`}
              </p>
              <PlainButton
                onClick={() => setOpen(open === entry.id ? undefined : entry.id)}
                aria-expanded={open === entry.id}
                aria-label={`Change ${said}`}
              >
                Change
              </PlainButton>
              <PlainButton onClick={() => undo(entry, said)} aria-label={`Undo ${said}`}>
                Undo
              </PlainButton>
            </div>
            {open === entry.id && <EntryChange found={found} onDone={() => setOpen(undefined)} />}
          </li>
        );
      })}
    </ul>
  );
}
