import { Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { useRopeTerms } from '../../../api/ropes';
import { useMayChange, useUnit } from '../../../api/session';
import { useTrim, type Trim, type TrimWish } from '../../../api/trim';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { RopeVerdict } from '../../../design/rope/RopeVerdict';
import { BenchFrame, BenchPage } from '../size/BenchPage';
import { LengthChart } from './LengthChart';
import { TrimDecision } from './TrimDecision';
import { TrimSteps } from './TrimSteps';
import styles from './TrimPage.module.css';

type Goal = NonNullable<TrimWish['goal']>;

/** From today's rope to the goal length in small steps, and whether the last one helped. */
export function TrimPage() {
  return <BenchPage place="Trim">{(athlete) => <TrimOf athlete={athlete} />}</BenchPage>;
}

function TrimOf({ athlete }: { athlete: Athlete }) {
  const [wish, setWish] = useState<TrimWish>({});
  const trim = useTrim(athlete.id, wish);
  const terms = useRopeTerms().data;
  const unit = useUnit();
  const mayChange = useMayChange();
  const first = athlete.name.split(' ')[0] ?? '';
  return (
    <Fetched fetch={trim} place="Trim" what="the trim path">
      {(path) =>
        path.rope === null ? (
          <BenchFrame athlete={athlete} title={`${first} has no rope to trim yet`}>
            <Empty>
              A path starts from a rope: <Link to={`/ropes/${athlete.id}`}>size one</Link> first.
            </Empty>
          </BenchFrame>
        ) : (
          <BenchFrame
            athlete={athlete}
            title={titleOf(path, first, wish)}
            decision={<TrimDecision trim={path} athlete={athlete} unit={unit} mayChange={mayChange} />}
          >
            <div className={styles.wish}>
              <label>
                Goal
                <Select<Goal | 'usual'>
                  aria-label="Goal"
                  value={wish.goal ?? 'usual'}
                  options={[
                    { value: 'usual', label: `${path.verdict.schoolName}: the goal now` },
                    ...(terms?.schools ?? []).map(({ code, name }) => ({ value: code, label: name })),
                  ]}
                  onChange={(goal) => setWish((now) => withGoal(now, goal))}
                />
              </label>
              <label>
                Step
                <Select
                  aria-label="Step"
                  value={wish.step ?? (terms === undefined ? '' : stepOf(terms.usualTrimStepM))}
                  options={(terms?.trimStepsM ?? []).map((metres) => ({
                    value: stepOf(metres),
                    label: `${stepOf(metres)} per side`,
                  }))}
                  onChange={(step) => setWish((now) => ({ ...now, step }))}
                />
              </label>
            </div>
            <RopeVerdict verdict={path.verdict} />
            {path.sinceGrowth !== null && <p role="note">{path.sinceGrowth.sentence}</p>}
            <TrimSteps trim={path} unit={unit} />
            <LengthChart trim={path} unit={unit} />
          </BenchFrame>
        )
      }
    </Fetched>
  );
}

/** As the server reads it back: finer than a printed length. */
function stepOf(metres: number): string {
  return `${Number((metres * 100).toFixed(2))} cm`;
}

function withGoal(wish: TrimWish, goal: Goal | 'usual'): TrimWish {
  const step = wish.step === undefined ? {} : { step: wish.step };
  return goal === 'usual' ? step : { ...step, goal };
}

/** The verdict; or, of a goal that a coach only looks at, the way there. */
function titleOf(trim: Trim, first: string, wish: TrimWish): string {
  if (wish.goal !== undefined && wish.goal !== trim.verdict.school) {
    return trim.advice?.sentence ?? '';
  }
  const steps = trim.verdict.stepsToGo;
  return trim.verdict.state === 'on-its-way'
    ? `${first}’s rope is on its way down, ${steps} ${steps === 1 ? 'step' : 'steps'} to go`
    : `${first}’s rope: ${trim.verdict.stateName}`;
}
