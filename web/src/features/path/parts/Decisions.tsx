import { Button } from 'antd';
import { useAthleteTerms } from '../../../api/athletes';
import { useRemoveGate, useRestoreGate, type GateDecision } from '../../../api/path';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { newId } from '../../../lib/ids';
import styles from '../path.module.css';

/** What was decided about gates, by whom and why; the newest first. */
export function Decisions({
  decisions,
  mayChange,
}: {
  decisions: readonly GateDecision[];
  mayChange: boolean;
}) {
  const remove = useRemoveGate();
  const restore = useRestoreGate();
  const offerUndo = useUndoOffer();
  const terms = useAthleteTerms().data?.stages ?? [];
  if (decisions.length === 0) {
    return <p className={styles.quiet}>Nothing was decided otherwise: every gate is as usual.</p>;
  }
  const takeBack = (one: GateDecision) =>
    remove.mutate(
      { id: one.id, change: { mutationId: newId(), version: one.version } },
      {
        onSuccess: ({ id, version }) =>
          offerUndo({
            key: id,
            title: 'Taken back',
            onUndo: () => restore.mutate({ id, change: { mutationId: newId(), version } }),
          }),
      },
    );
  return (
    <ul className={styles.decisions}>
      {decisions.map((one) => (
        <li key={one.id}>
          <span>
            <strong>{terms.find(({ code }) => code === one.stage)?.name ?? one.stage}</strong>
            {': '}
            {one.deed === 'waived' ? 'not asked' : (one.asks?.sentence ?? 'asked as before')}, “{one.reason}”
            <span className={styles.from}>
              {' '}
              {one.by} · {new Date(one.at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}
              {one.athleteId === null && ' · the whole gym'}
            </span>
          </span>
          {mayChange && (
            <Button type="text" loading={remove.isPending} onClick={() => takeBack(one)}>
              Take it back
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
