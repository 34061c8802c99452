import { useState } from 'react';
import { usePacing, useReadWorkout, usualCosts, usualScale } from '../../api/pacing';
import { FieldStack } from '../../design/form/FieldStack';
import { PacingNav } from '../../design/frame/PacingNav';
import { NotToday } from '../../design/page/NotToday';
import { Failed, Loading } from '../../design/page/StateNote';
import { useKept } from '../../design/page/useKept';
import { Workbench } from '../../design/page/Workbench';
import { useCostsDraft, useWorkoutDraft } from '../../lib/workoutDraft';
import { CostFields } from './parts/CostFields';
import { ForAthlete, type Chosen } from './parts/ForAthlete';
import { PlanCard } from './parts/PlanCard';
import { Ways } from './parts/Ways';
import { WorkoutEntry } from './parts/WorkoutEntry';

/** Pacing › Workout: how one athlete breaks the doubles of a workout, how long it takes, and ways to scale it. */
export function PacingPage() {
  return <ForAthlete place="Pacing">{(chosen) => <Planned {...chosen} />}</ForAthlete>;
}

function Planned({ athlete, first, jumps, picker }: Chosen) {
  const [text, setText] = useWorkoutDraft();
  const [costs, setCosts] = useCostsDraft(usualCosts);
  const [scale, setScale] = useState(usualScale);
  const [sets, setSets] = useState('');
  const read = useReadWorkout(text).data;
  const workout = read?.workout?.text ?? null;
  const asked = { ...costs, text: workout ?? '', scale };
  const pacing = usePacing(athlete.id, { ...asked, sets }, jumps && workout !== null);
  // Sets that were typed for other doubles are refused; the plan without them still stands.
  const plain = usePacing(
    athlete.id,
    { ...asked, sets: '' },
    jumps && workout !== null && pacing.isError && sets !== '',
  );
  const answer = pacing.isError && sets !== '' ? plain : pacing;
  const data = useKept(athlete.id, answer.data);
  return (
    <Workbench
      title={
        !jumps
          ? `No pace today for ${first}`
          : data === undefined
            ? `Planning for ${first}`
            : `${first}: ${data.plan.sentence}`
      }
      nav={<PacingNav />}
      subject={
        <FieldStack>
          {picker}
          <WorkoutEntry
            text={text}
            read={read}
            onText={(next) => {
              setSets('');
              setText(next);
            }}
          />
          <CostFields costs={costs} used={data?.costs} onCosts={setCosts} />
        </FieldStack>
      }
      decision={jumps && data !== undefined && <Ways pacing={data} scale={scale} onScale={setScale} />}
    >
      {!jumps && <NotToday allowance={athlete.allowance} name={first} />}
      {jumps && answer.isError && <Failed error={answer.error} onRetry={() => void answer.refetch()} />}
      {jumps && data === undefined && answer.isPending && <Loading what="the plan" />}
      {jumps && data !== undefined && (
        <PlanCard
          pacing={data}
          onSets={setSets}
          refused={pacing.isError && sets !== '' ? pacing.error.message : null}
        />
      )}
    </Workbench>
  );
}
