import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { broughtFile, broughtText, useAddList, useAthleteList, type Brought } from '../../api/athleteList';
import { useMayChange, useUnit } from '../../api/session';
import { AtThumb } from '../../design/page/AtThumb';
import { Card } from '../../design/page/Card';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';
import { useSettled } from '../../lib/useSettled';
import { ListColumns } from './parts/list/ListColumns';
import { ListFile } from './parts/list/ListFile';
import { ListedRows } from './parts/list/ListedRows';
import { LinesToLookAt } from './parts/list/LinesToLookAt';
import styles from './ListPage.module.css';

/** Typing rests for so long before the list is read. */
const RESTS_MS = 350;

/** A coach's own list comes in: pasted or as a file, shown as it was understood, added by one touch. */
export function ListPage() {
  const [text, setText] = useState('');
  const [file, setFile] = useState<File | null>(null);
  const [columns, setColumns] = useState<string | null>(null);
  const typed = useSettled(text, RESTS_MS);
  const brought = file === null ? (typed.trim() === '' ? null : broughtText(typed)) : broughtFile(file);
  const list = useAthleteList(brought, columns);
  const unit = useUnit();
  const mayChange = useMayChange();
  const seen = brought === null ? undefined : list.data;
  const bring = (next: { text?: string; file?: File | null }) => {
    setColumns(null);
    setFile(next.file ?? null);
    setText(next.text ?? '');
  };
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
      <Card label="The list">
        <ListFile file={file} onFile={(next) => bring({ file: next })} onText={() => bring({})} />
        {file === null && (
          <label className={styles.paste}>
            One line for each athlete: a name and a height. Anything else may stand there too.
            <Input.TextArea
              aria-label="Your list"
              rows={7}
              value={text}
              autoFocus
              placeholder={'Ilse Tannow; 168\nFemi Adarou; 5\'11"'}
              onChange={(event) => bring({ text: event.target.value })}
            />
          </label>
        )}
        {list.isError && brought !== null && <p role="alert">{list.error.message}</p>}
      </Card>
      {seen !== undefined && <LinesToLookAt faults={seen.faults} there={seen.there} pasted={file === null} />}
      {seen !== undefined && seen.columns.length > 0 && (
        <ListColumns columns={seen.columns} onChange={setColumns} />
      )}
      {seen !== undefined && seen.athletes.length > 0 && <ListedRows athletes={seen.athletes} unit={unit} />}
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
