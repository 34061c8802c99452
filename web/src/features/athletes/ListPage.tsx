import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useAddList, useAthleteList } from '../../api/athleteList';
import { useMayChange, useUnit } from '../../api/session';
import { LinesToLookAt } from '../../design/list/LinesToLookAt';
import { ListColumns } from '../../design/list/ListColumns';
import { PasteOrFile } from '../../design/list/PasteOrFile';
import { useBrought } from '../../design/list/useBrought';
import { AtThumb } from '../../design/page/AtThumb';
import { Card } from '../../design/page/Card';
import { Workbench } from '../../design/page/Workbench';
import type { Brought } from '../../lib/brought';
import { newId } from '../../lib/ids';
import { ListedRows } from './parts/list/ListedRows';
import styles from '../../design/list/list.module.css';

const MEANINGS: Record<string, string> = {
  name: 'name',
  'first-name': 'first name',
  'last-name': 'last name',
  height: 'height',
  inches: 'inches, beside feet',
  birth: 'birth year or day',
  age: 'age',
  hand: 'dominant hand',
  experience: 'experience',
};

const SAMPLES = [
  { name: 'CSV', address: '/samples/athletes.csv' },
  { name: 'xlsx', address: '/samples/athletes.xlsx' },
];

/** A coach's own list comes in: pasted or as a file, shown as it was understood, added by one touch. */
export function ListPage() {
  const { text, file, columns, setColumns, bring, brought } = useBrought();
  const list = useAthleteList(brought, columns);
  const unit = useUnit();
  const mayChange = useMayChange();
  const seen = brought === null ? undefined : list.data;
  if (!mayChange) {
    return (
      <Workbench title="A list of athletes comes in">
        <p>Coaches bring lists in: ask one of them.</p>
      </Workbench>
    );
  }
  return (
    <Workbench
      title={seen?.sentence ?? 'Paste your list, as you have it'}
      decision={
        brought !== null &&
        seen !== undefined && (
          <Card strong label="What comes in">
            <Add brought={brought} columns={columns} count={seen.athletes.length} />
          </Card>
        )
      }
    >
      <div className={styles.stack}>
        <PasteOrFile
          text={text}
          file={file}
          onBring={bring}
          asks="One line for each athlete: a name and a height. Anything else may stand there too."
          example={'Ilse Tannow; 168\nFemi Adarou; 5\'11"'}
          samples={SAMPLES}
          error={list.isError && brought !== null ? list.error.message : null}
        />
        {seen !== undefined && <LinesToLookAt faults={seen.faults} pasted={file === null} />}
        {seen !== undefined && seen.there.length > 0 && (
          <p className={styles.quiet}>Here already: {seen.there.join(', ')}.</p>
        )}
        {seen !== undefined && seen.columns.length > 0 && (
          <ListColumns columns={seen.columns} meanings={MEANINGS} onChange={setColumns} />
        )}
        {seen !== undefined && seen.athletes.length > 0 && (
          <ListedRows athletes={seen.athletes} unit={unit} />
        )}
      </div>
    </Workbench>
  );
}

function Add({ brought, columns, count }: { brought: Brought; columns: string | null; count: number }) {
  // One id for one content: sent twice it comes in once.
  const [ids] = useState(() => new Map<string, string>());
  const add = useAddList();
  const navigate = useNavigate();
  const send = () => {
    const key = `${columns ?? ''} ${brought.key}`;
    const id = ids.get(key) ?? newId();
    ids.set(key, id);
    add.mutate({ id, brought, columns }, { onSuccess: () => void navigate('/ropes/first') });
  };
  if (count === 0) {
    return (
      <p>
        Nobody new is in it. <Link to="/athletes">To the athletes</Link>
      </p>
    );
  }
  return (
    <>
      {add.isError && <p role="alert">{add.error.message}</p>}
      <AtThumb>
        <Button type="primary" size="large" block loading={add.isPending} onClick={send}>
          {count === 1 ? 'Add one athlete' : `Add ${count} athletes`}
        </Button>
      </AtThumb>
      <p className={styles.quiet}>Their ropes are sized next, all at once.</p>
    </>
  );
}
