import { Button, Input } from 'antd';
import { useState } from 'react';
import { useRemoveNote, useRestoreNote, useRewriteNote, type Note } from '../../../api/notes';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { newId } from '../../../lib/ids';
import styles from '../pages.module.css';

/** A note as it stands; it can be worded anew and taken away. */
export function OneNote({ note }: { note: Note }) {
  const [text, setText] = useState<string | null>(null);
  const rewrite = useRewriteNote();
  const remove = useRemoveNote();
  const restore = useRestoreNote();
  const offerUndo = useUndoOffer();
  const change = { mutationId: newId(), version: note.version };
  const takeAway = () =>
    remove.mutate(
      { id: note.id, change },
      {
        onSuccess: ({ id, version }) =>
          offerUndo({
            key: id,
            title: 'The note was taken away',
            onUndo: () => restore.mutate({ id, change: { mutationId: newId(), version } }),
          }),
      },
    );
  const error = rewrite.error ?? remove.error;
  return (
    <div className={styles.note}>
      {text === null ? (
        <p>{note.text}</p>
      ) : (
        <Input.TextArea
          aria-label="The note anew"
          autoFocus
          autoSize={{ minRows: 3 }}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      )}
      {error !== null && <p role="alert">{error.message}</p>}
      <div className={styles.by}>
        {note.by !== '' && <span>{note.by}</span>}
        {text === null ? (
          <>
            <Button type="text" onClick={() => setText(note.text)}>
              Word it anew
            </Button>
            <Button type="text" onClick={takeAway} loading={remove.isPending}>
              Take it away
            </Button>
          </>
        ) : (
          <>
            <Button
              disabled={text.trim() === ''}
              loading={rewrite.isPending}
              onClick={() =>
                rewrite.mutate({ id: note.id, text, change }, { onSuccess: () => setText(null) })
              }
            >
              Keep it so
            </Button>
            <Button type="text" onClick={() => setText(null)}>
              Leave it
            </Button>
          </>
        )}
      </div>
    </div>
  );
}
