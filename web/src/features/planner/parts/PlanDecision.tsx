import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { useDropPlan, type Plan, type PlanChange } from '../../../api/practice';
import { AtThumb } from '../../../design/page/AtThumb';
import { Card } from '../../../design/page/Card';
import { keepDraft } from '../../../lib/clockDraft';
import styles from '../planner.module.css';

interface Props {
  plan: Plan;
  mayChange: boolean;
  busy: boolean;
  /** Null: as it is proposed. */
  onChange: (change: PlanChange | null) => void;
}

/** What to do with the plan, and what it asks of each. */
export function PlanDecision({ plan, mayChange, busy, onChange }: Props) {
  const navigate = useNavigate();
  const drop = useDropPlan();
  const run = () => {
    keepDraft(plan.programmes);
    void navigate('/class/clock');
  };
  return (
    <Card strong label="The plan">
      <h2>{plan.id === null ? 'Proposed' : 'The plan of tonight'}</h2>
      <p>{saysHowGood(plan)}</p>
      {plan.parts.length > 0 && mayChange && (
        <AtThumb>
          {plan.id === null ? (
            <Button type="primary" size="large" block loading={busy} onClick={() => onChange(null)}>
              Keep this plan
            </Button>
          ) : (
            <Button type="primary" size="large" block onClick={run}>
              Run it on the clock
            </Button>
          )}
        </AtThumb>
      )}
      {mayChange && (
        <div className={`no-print ${styles.acts ?? ''}`}>
          {plan.canUndo && (
            <Button disabled={busy} onClick={() => onChange({ undo: true })}>
              One step back
            </Button>
          )}
          <Button disabled={busy} onClick={() => onChange({ anew: true })}>
            Choose anew
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
          {plan.id !== null && (
            <Button
              type="text"
              disabled={busy || drop.isPending}
              onClick={() => drop.mutate({ id: plan.id ?? '', version: plan.version })}
            >
              Drop the plan
            </Button>
          )}
        </div>
      )}
      {drop.isError && <p role="alert">{drop.error.message}</p>}
    </Card>
  );
}

function saysHowGood({ id, gapPercent, changedBy }: Plan): string {
  const how =
    gapPercent === 0 ? 'No other plan weighs less.' : `At most ${gapPercent} % from the best plan there is.`;
  return id === null ? `${how} The hall shows what is in turn until you keep it.` : `By ${changedBy}. ${how}`;
}
