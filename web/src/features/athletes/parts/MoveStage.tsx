import { Button } from 'antd';
import { useAthleteTerms, useMoveAthlete, type Athlete } from '../../../api/athletes';
import { useMayChange } from '../../../api/session';
import { newId } from '../../../lib/ids';
import styles from './GateCard.module.css';

/** The coach moves an athlete along the path, whatever the gate says; moving back undoes it. */
export function MoveStage({ athlete, open }: { athlete: Athlete; open: boolean }) {
  const mayChange = useMayChange();
  const move = useMoveAthlete();
  const stages = useAthleteTerms().data?.stages ?? [];
  if (!mayChange) {
    return null;
  }
  // A method may leave a stage out.
  const at = athlete.path.indexOf(athlete.stage);
  const named = (code: Athlete['stage'] | undefined) => stages.find((stage) => stage.code === code);
  const on = named(athlete.path[at + 1]);
  const back = named(athlete.path[at - 1]);
  const to = (stage: Athlete['stage']) =>
    move.mutate({ id: athlete.id, stage, change: { mutationId: newId(), version: athlete.version } });
  return (
    <p className={styles.move}>
      {on !== undefined && (
        <Button type={open ? 'primary' : 'default'} loading={move.isPending} onClick={() => to(on.code)}>
          Move on to {on.name}
        </Button>
      )}
      {back !== undefined && (
        <Button type="text" disabled={move.isPending} onClick={() => to(back.code)}>
          Back to {back.name}
        </Button>
      )}
      {move.error !== null && <span role="alert">{move.error.message}</span>}
    </p>
  );
}
