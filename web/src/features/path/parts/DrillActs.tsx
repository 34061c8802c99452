import { Button } from 'antd';
import { useKeepDrill, useRemoveDrill, useRestoreDrill, type LibraryDrill } from '../../../api/path';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { newId } from '../../../lib/ids';
import { inputOf } from './DrillForm';
import styles from '../path.module.css';

/** What a coach makes of a drill: an own copy, hidden, as in the library again. */
export function DrillActs({ drill, onEdit }: { drill: LibraryDrill; onEdit: () => void }) {
  const keep = useKeepDrill();
  const remove = useRemoveDrill();
  const restore = useRestoreDrill();
  const offerUndo = useUndoOffer();
  const own = drill.family === 'own';
  const { ownId, ownVersion } = drill;
  const hide = () =>
    keep.mutate({
      id: ownId ?? newId(),
      drill: { ...inputOf(drill), hidden: true },
      change: ownVersion === null ? null : { mutationId: newId(), version: ownVersion },
    });
  const takeAway = () =>
    ownId !== null &&
    ownVersion !== null &&
    remove.mutate(
      { id: ownId, change: { mutationId: newId(), version: ownVersion } },
      {
        onSuccess: ({ id, version }) =>
          offerUndo({
            key: id,
            title: own ? 'The drill was taken away' : 'As in the library again',
            onUndo: () => restore.mutate({ id, change: { mutationId: newId(), version } }),
          }),
      },
    );
  const error = keep.error ?? remove.error;
  return (
    <>
      <p className={styles.acts}>
        {!drill.hidden && (
          <Button size="large" onClick={onEdit}>
            {own || ownId !== null ? 'Word it anew' : 'Make it your own'}
          </Button>
        )}
        {!own && !drill.hidden && (
          <Button size="large" type="text" loading={keep.isPending} onClick={hide}>
            Hide it
          </Button>
        )}
        {ownId !== null && (
          <Button size="large" type="text" loading={remove.isPending} onClick={takeAway}>
            {own ? 'Take it away' : 'As in the library again'}
          </Button>
        )}
      </p>
      {error !== null && <p role="alert">{error.message}</p>}
    </>
  );
}
