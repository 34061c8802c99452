import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useOnePractice, type Plan } from '../../api/practice';
import { NumberField } from '../../design/form/NumberField';
import { PathNav } from '../../design/frame/PathNav';
import { AtThumb } from '../../design/page/AtThumb';
import { Card } from '../../design/page/Card';
import { Dressed } from '../../design/page/Dressed';
import { Fetched } from '../../design/page/Fetched';
import { Workbench } from '../../design/page/Workbench';
import { keepDraft } from '../../lib/clockDraft';
import { PartSection } from './parts/PartSection';
import { MOST_MINUTES } from './parts/PlanWish';
import { PlanPeople } from './parts/PlanPeople';
import styles from './planner.module.css';

const USUAL_MINUTES = 20;

/** A practice for one athlete, outside the class: to print, or to run on the clock. */
export function OnePracticePage() {
  const { id = '' } = useParams();
  const [wish, setWish] = useState<{ minutes: number; seed: number | null }>({
    minutes: USUAL_MINUTES,
    seed: null,
  });
  return (
    <Fetched fetch={useOnePractice(id, wish)} place="Practice" what="the practice">
      {(plan) => (
        <Dressed>
          <Practice
            athleteId={id}
            plan={plan}
            onMinutes={(minutes) => setWish({ ...wish, minutes })}
            onAnother={() => setWish({ ...wish, seed: plan.seed + 1 })}
          />
        </Dressed>
      )}
    </Fetched>
  );
}

interface Props {
  athleteId: string;
  plan: Plan;
  onMinutes: (minutes: number) => void;
  onAnother: () => void;
}

function Practice({ athleteId, plan, onMinutes, onAnother }: Props) {
  const navigate = useNavigate();
  const run = () => {
    keepDraft(plan.programmes);
    void navigate('/class/clock');
  };
  return (
    <Workbench
      title={`${plan.people[0]?.firstName ?? 'Alone'}: ${plan.title.sentence}`}
      nav={<PathNav athleteId={athleteId} />}
      subject={
        <NumberField
          label="Minutes"
          least={1}
          most={MOST_MINUTES}
          value={plan.minutes}
          onChange={onMinutes}
        />
      }
      decision={
        <>
          <Card strong label="The practice">
            <h2>By themselves, outside the class</h2>
            <p>Made of what is in turn for them. It changes nothing in the hall.</p>
            {plan.programmes.length > 0 && (
              <AtThumb>
                <Button type="primary" size="large" block onClick={run}>
                  Run it on the clock
                </Button>
              </AtThumb>
            )}
            <div className={`no-print ${styles.acts ?? ''}`}>
              <Button onClick={onAnother}>Choose anew</Button>
              <Button onClick={() => window.print()}>Print</Button>
            </div>
          </Card>
          <PlanPeople people={plan.people} />
        </>
      }
    >
      {plan.notes.map((note) => (
        <p key={note.code} role="note">
          {note.sentence}.
        </p>
      ))}
      <div className={styles.parts}>
        {plan.parts.map((part) => (
          <PartSection
            key={part.part}
            part={part}
            mayChange={false}
            busy={false}
            onChange={nothing}
            onSeconds={null}
          />
        ))}
      </div>
    </Workbench>
  );
}

const nothing = () => undefined;
