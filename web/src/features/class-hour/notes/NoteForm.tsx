import { Button, Input } from 'antd';
import { useState } from 'react';
import { useWriteNote } from '../../../api/notes';
import { newId } from '../../../lib/ids';
import styles from '../pages.module.css';

const MOST_LETTERS = 2000;

/** Writes something down about tonight. */
export function NoteForm() {
  const [text, setText] = useState('');
  // One id for one note, however often it is sent.
  const [id, setId] = useState(newId);
  const write = useWriteNote();
  const send = () =>
    write.mutate(
      { id, text },
      {
        onSuccess: () => {
          setText('');
          setId(newId());
        },
      },
    );
  return (
    <div className={styles.form}>
      <Input.TextArea
        aria-label="Note of tonight"
        autoSize={{ minRows: 4 }}
        maxLength={MOST_LETTERS}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {write.isError && <p role="alert">{write.error.message}</p>}
      <Button
        type="primary"
        size="large"
        disabled={text.trim() === ''}
        loading={write.isPending}
        onClick={send}
      >
        Keep this note
      </Button>
    </div>
  );
}
