import { Button } from 'antd';
import { Link, useNavigate } from 'react-router';
import type { Athlete } from '../../api/athletes';
import { usePacing, useReadWorkout, usualCosts, usualScale, type Pacing } from '../../api/pacing';
import { useMe } from '../../api/session';
import { OnClassClock } from '../../design/beat/OnClassClock';
import { FieldStack } from '../../design/form/FieldStack';
import { PacingNav } from '../../design/frame/PacingNav';
import { AtThumb } from '../../design/page/AtThumb';
import { Card } from '../../design/page/Card';
import { NotToday } from '../../design/page/NotToday';
import { Empty, Failed, Loading } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { formatDuration } from '../../lib/duration';
import { startClock } from '../../lib/setClock';
import { keepRun, readRun, type PacedSet } from '../../lib/setRun';
import { useCostsDraft, useWorkoutDraft } from '../../lib/workoutDraft';
import { ForAthlete, type Chosen } from './parts/ForAthlete';
import { PacedSoFar } from './parts/PacedSoFar';
import { PlannedLegs } from './parts/PlannedLegs';
import styles from './pacing.module.css';

/** Pacing › Rehearsal: the legs of a workout with their times, the pacer, and how plans have held. */
export function RehearsalPage() {
  return <ForAthlete place="Rehearsal">{(chosen) => <Rehearsed {...chosen} />}</ForAthlete>;
}

function Rehearsed({ athlete, first, jumps, picker }: Chosen) {
  const [text] = useWorkoutDraft();
  const [costs] = useCostsDraft(usualCosts);
  // What the coach has chosen for this athlete is what they do.
  const onBoard = useAsked(athlete.id, text, costs, jumps);
  const doing = onBoard.pacing.data?.chosen?.doing ?? text;
  const { read, pacing } = useAsked(athlete.id, doing, costs, jumps);
  const data = pacing.data?.athleteId === athlete.id ? pacing.data : undefined;
  const chosen = onBoard.pacing.data?.chosen != null;
  const unasked = data !== undefined && !chosen && asksTooMuch(data);
  return (
    <Workbench
      title={
        !jumps
          ? `No pace today for ${first}`
          : data === undefined
            ? `A rehearsal for ${first}`
            : unasked
              ? `${first}: no such number in a row yet`
              : `${first}: ${formatDuration(data.expectedS)}${bandOf(data)}`
      }
      nav={<PacingNav />}
      subject={
        <FieldStack>
          {picker}
          <p className={styles.source}>
            {doing}{' '}
            <Link className="touch" to={`/pacing?athlete=${athlete.id}`}>
              change it
            </Link>
          </p>
        </FieldStack>
      }
      decision={
        <div className={styles.stack}>
          {jumps && data !== undefined && (
            <StartPacer athlete={athlete} first={first} pacing={data} chosen={chosen} />
          )}
          <PacedSoFar key={athlete.id} athlete={athlete} />
        </div>
      }
    >
      {!jumps && <NotToday allowance={athlete.allowance} name={first} />}
      {jumps && read?.error !== null && read?.error !== undefined && (
        <Empty>The workout on the desk can’t be read: change it first.</Empty>
      )}
      {jumps && pacing.isError && <Failed error={pacing.error} onRetry={() => void pacing.refetch()} />}
      {jumps && data === undefined && pacing.isPending && pacing.isFetching && <Loading what="the plan" />}
      {jumps && data !== undefined && !unasked && <PlannedLegs legs={data.legs} />}
      {jumps && unasked && data !== undefined && <Empty>{data.why.sentence}.</Empty>}
    </Workbench>
  );
}

function useAsked(athleteId: string, text: string, costs: typeof usualCosts, jumps: boolean) {
  const read = useReadWorkout(text).data;
  const workout = read?.workout?.text ?? null;
  const pacing = usePacing(
    athleteId,
    { ...costs, text: workout ?? '', scale: usualScale, sets: '' },
    jumps && workout !== null,
  );
  return { read, pacing };
}

function bandOf({ p10S, p90S }: Pacing): string {
  return p90S - p10S < 1 ? '' : `, eight times in ten ${formatDuration(p10S)} to ${formatDuration(p90S)}`;
}

interface StartProps {
  athlete: Athlete;
  first: string;
  pacing: Pacing;
  /** A coach has said that it is done so. */
  chosen: boolean;
}

function StartPacer({ athlete, first, pacing, chosen }: StartProps) {
  const userId = useMe().data?.coach?.id ?? '';
  const navigate = useNavigate();
  const running = readRun(userId);
  const why = whyNot(pacing);
  return (
    <Card strong label="Pacer">
      <h2>
        {running !== null
          ? 'A set is on the clock'
          : why !== null && !chosen
            ? 'Not as it stands on the board'
            : 'Ten seconds to get ready, then leg by leg'}
      </h2>
      <p>One touch when a leg is done; the phone calls the break, the wall shows the same.</p>
      {why !== null && (
        <p role="note">
          {why}:{' '}
          {chosen ? (
            'the coach has chosen it all the same.'
          ) : (
            <Link className="touch" to={`/pacing?athlete=${athlete.id}`}>
              choose a way that fits
            </Link>
          )}
        </p>
      )}
      {why !== null && !chosen ? null : running === null ? (
        <AtThumb>
          <Button
            type="primary"
            size="large"
            block
            onClick={() => {
              keepRun(userId, setOf(athlete, first, pacing));
              void navigate('/pacing/run');
            }}
          >
            Start the pacer
          </Button>
        </AtThumb>
      ) : (
        <p>
          {running.name}’s {running.title.toLowerCase()} still runs:{' '}
          <Link className="touch" to={running.kind === 'paced' ? '/pacing/run' : '/sets/run'}>
            back to it
          </Link>
        </p>
      )}
      {why !== null && !chosen ? null : pacing.clockText === null ? (
        <p>So many legs don’t fit the clock of the class.</p>
      ) : (
        <OnClassClock athleteId={athlete.id} title={`${first}: the workout`} text={pacing.clockText} />
      )}
    </Card>
  );
}

/** A number of doubles in a row, of whoever can’t link them. */
function asksTooMuch({ plan, workout }: Pacing): boolean {
  return plan.code === 'pacing.no_plan' && workout.doubles > 0;
}

/** What speaks against it as it stands on the board; a coach may choose it all the same. Null: nothing. */
function whyNot(pacing: Pacing): string | null {
  const { ways, contactsLeft } = pacing;
  if (asksTooMuch(pacing)) {
    return 'Doubles do not hang together yet';
  }
  const contacts = ways.find(({ scaling }) => scaling === 'full')?.contacts ?? 0;
  return contacts > contactsLeft
    ? `${String(contacts)} contacts, and ${String(Math.max(0, contactsLeft))} are left today`
    : null;
}

function setOf(athlete: Athlete, name: string, pacing: Pacing): PacedSet {
  const { form, windowS, capS } = pacing.workout;
  const { expectedS, p10S, p90S, wider } = pacing;
  return {
    kind: 'paced',
    athleteId: athlete.id,
    name,
    code: 'workout',
    title: 'Workout',
    clock: startClock(Date.now()),
    workout: pacing.workout.text,
    forecast: { expectedS, p10S, p90S, wider },
    legs: pacing.legs,
    touches: [],
    missed: 0,
    byClock: form === 'every-minutes' || form === 'intervals',
    untilS: form === 'many-rounds' ? windowS : capS,
    endedAtS: null,
  };
}
