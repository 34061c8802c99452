import { Checkbox } from 'antd';
import type { Plan, PlanChange } from '../../../api/practice';
import { NumberField } from '../../../design/form/NumberField';
import styles from '../planner.module.css';

interface Props {
  plan: Plan;
  mayChange: boolean;
  busy: boolean;
  onChange: (change: PlanChange) => void;
}

export const MOST_MINUTES = 120;
const MOST_THINGS = 200;

/** What a coach gives: the minutes, the floor, and how many there are of what not everybody has. */
export function PlanWish({ plan, mayChange, busy, onChange }: Props) {
  const setCount = (thing: string, count: number) =>
    onChange({
      equipment: plan.things.map((one) => ({
        thing: one.thing,
        count: one.thing === thing ? count : one.count,
      })),
    });
  if (!mayChange) {
    return (
      <p>
        {plan.minutes} minutes{plan.hardFloor && ', on a hard floor'}
      </p>
    );
  }
  return (
    <div className={styles.wish}>
      <NumberField
        label="Minutes"
        least={1}
        most={MOST_MINUTES}
        value={plan.minutes}
        onChange={(minutes) => onChange({ minutes, parts: [] })}
      />
      <Checkbox
        checked={plan.hardFloor}
        disabled={busy}
        onChange={(event) => onChange({ hardFloor: event.target.checked })}
      >
        The floor does not give
      </Checkbox>
      <details>
        <summary>What there is in the hall</summary>
        {plan.things.map(({ thing, title, count }) => (
          <NumberField
            key={thing}
            label={title}
            least={0}
            most={MOST_THINGS}
            value={count}
            onChange={(next) => setCount(thing, next)}
          />
        ))}
      </details>
    </div>
  );
}
