import { Button } from 'antd';
import { useState } from 'react';
import { useAddEntries, useTakeBackEntries, type EntryList, type Reading } from '../../../api/entryList';
import { AtThumb } from '../../../design/page/AtThumb';
import type { Brought } from '../../../lib/brought';
import { newId } from '../../../lib/ids';

interface Props {
  brought: Brought;
  reading: Reading;
  seen: EntryList;
}

/** The one touch that adds the list, and the way back. */
export function AddEntries({ brought, reading, seen }: Props) {
  // One id for one content: sent twice it comes in once.
  const [ids] = useState(() => new Map<string, string>());
  const [added, setAdded] = useState<{ id: string; count: number } | null>(null);
  const add = useAddEntries();
  const takeBack = useTakeBackEntries();
  const count = seen.entries.length;
  const send = () => {
    const key = `${JSON.stringify(reading)} ${brought.key}`;
    const id = ids.get(key) ?? newId();
    ids.set(key, id);
    add.mutate({ id, brought, reading }, { onSuccess: () => setAdded({ id, count }) });
  };
  const undo = (id: string) =>
    takeBack.mutate(
      { id, change: { mutationId: newId(), version: 1 } },
      {
        onSuccess: () => {
          // What is added again is another list.
          ids.clear();
          setAdded(null);
        },
      },
    );
  if (added !== null) {
    return (
      <>
        <p role="status">{added.count === 1 ? 'One entry came in.' : `${added.count} entries came in.`}</p>
        {takeBack.isError && <p role="alert">{takeBack.error.message}</p>}
        <Button block loading={takeBack.isPending} onClick={() => undo(added.id)}>
          {added.count === 1 ? 'Take it back' : `Take all ${added.count} back`}
        </Button>
      </>
    );
  }
  return (
    <>
      {add.isError && <p role="alert">{add.error.message}</p>}
      {count === 0 && <p>Nothing comes in yet.</p>}
      {count > 0 && (
        <AtThumb>
          <Button
            type="primary"
            size="large"
            block
            disabled={reading.drill === null}
            loading={add.isPending}
            onClick={send}
          >
            {reading.drill === null
              ? 'Say what was done'
              : count === 1
                ? 'Add one entry'
                : `Add ${count} entries`}
          </Button>
        </AtThumb>
      )}
    </>
  );
}
