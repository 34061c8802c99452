import type { Athlete } from '../../../api/athletes';
import type { Today } from '../../../api/classHour';
import { Card } from '../../../design/page/Card';
import { EntryDots } from '../../../design/log/EntryDots';
import { GATE_UNIT, GateCurve } from '../../../design/log/GateCurve';
import { MoveStage } from './MoveStage';
import styles from './GateCard.module.css';

/** How far the gate is: the sentence first, what it rests on, then the entries themselves. */
export function GateCard({ athlete, today }: { athlete: Athlete; today: Today }) {
  const { gate } = today;
  if (gate === null) {
    return (
      <Card>
        <h2>The last stage has no gate</h2>
        <p>From here on, the workouts decide.</p>
        {today.drill !== null && <MoveStage athlete={athlete} open={false} />}
      </Card>
    );
  }
  const dots = today.entries
    .filter((entry) => entry.kind === 'streak')
    .map((entry) => ({ id: entry.id, value: entry.reps, said: entry.sentence }));
  return (
    <Card label="Gate">
      <h2>{gate.outlook.sentence}</h2>
      <p className={styles.basis}>{gate.basis.sentence}</p>
      {gate.news !== null && gate.news.sentence !== gate.next?.sentence && (
        <p role="note">{gate.news.sentence}</p>
      )}
      {gate.doubt !== null && <p role="note">{gate.doubt.sentence}</p>}
      {gate.next !== null && <p className={styles.next}>{gate.next.sentence}</p>}
      {dots.length > 0 && today.drill?.countKind === 'streak' && (
        <EntryDots dots={dots} gate={gate.count} label="Unbroken goes" />
      )}
      <GateCurve points={gate.curve} gate={gate.count} unit={GATE_UNIT[gate.measure]} />
      {today.drill !== null && <MoveStage athlete={athlete} open={gate.open} />}
    </Card>
  );
}
