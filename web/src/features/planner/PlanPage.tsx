import { Link } from 'react-router';
import { useChangePlan, usePractice, type Plan, type PlanChange } from '../../api/practice';
import { useMayChange } from '../../api/session';
import { ClassNav } from '../../design/frame/ClassNav';
import { Dressed } from '../../design/page/Dressed';
import { Fetched } from '../../design/page/Fetched';
import { PlainButton } from '../../design/page/PlainButton';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { PartSection } from './parts/PartSection';
import { PlanDecision } from './parts/PlanDecision';
import { PlanPeople } from './parts/PlanPeople';
import { PlanWish } from './parts/PlanWish';
import { TimeBar } from './parts/TimeBar';
import styles from './planner.module.css';

/** Class › Plan: what each does tonight, for how long and why. */
export function PlanPage() {
  return (
    <Fetched
      fetch={usePractice()}
      place="Plan"
      what="the plan"
      empty={{
        when: ({ people }) => people.length === 0,
        page: () => (
          <Workbench title="Nobody is here to plan for yet" nav={<ClassNav />}>
            <Empty>
              Whoever is in the hall gets a part in the plan: <Link to="/class">to the hall</Link>.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(plan) => (
        <Dressed>
          <Running plan={plan} />
        </Dressed>
      )}
    </Fetched>
  );
}

function Running({ plan }: { plan: Plan }) {
  const mayChange = useMayChange();
  const change = useChangePlan(plan);
  const ask = (asked: PlanChange | null) => change.mutate(asked);
  const setParts = (lengths: ReadonlyMap<string, number>, more: Partial<PlanChange> = {}) =>
    ask({
      ...more,
      parts: plan.parts.flatMap(({ part, seconds, set }) => {
        const asked = lengths.get(part) ?? (set ? seconds : undefined);
        return asked === undefined ? [] : [{ part, seconds: asked }];
      }),
    });
  return (
    <Workbench
      title={plan.title.sentence}
      nav={<ClassNav />}
      subject={<PlanWish plan={plan} mayChange={mayChange} busy={change.isPending} onChange={ask} />}
      decision={
        <>
          <PlanDecision plan={plan} mayChange={mayChange} busy={change.isPending} onChange={ask} />
          {plan.parts.length > 0 && <PlanPeople people={plan.people} />}
        </>
      }
    >
      {change.isError && <p role="alert">{change.error.message}</p>}
      {plan.notes.map((note) => (
        <p key={note.code} role="note">
          {note.sentence}.
        </p>
      ))}
      {mayChange &&
        plan.habits.map(({ part, said, seconds }) => (
          <p key={part} role="note">
            {said.sentence}{' '}
            <PlainButton
              disabled={change.isPending}
              onClick={() => setParts(new Map([[part, seconds]]), { habit: part })}
            >
              Make it so
            </PlainButton>
          </p>
        ))}
      <TimeBar parts={plan.parts} locked={!mayChange || change.isPending} onSet={setParts} />
      <div className={styles.parts}>
        {plan.parts.map((part) => (
          <PartSection
            key={part.part}
            part={part}
            mayChange={mayChange}
            busy={change.isPending}
            onChange={ask}
            onSeconds={part.part === 'main' ? null : (seconds) => setParts(new Map([[part.part, seconds]]))}
          />
        ))}
      </div>
    </Workbench>
  );
}
