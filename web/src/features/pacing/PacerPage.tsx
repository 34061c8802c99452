import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useOutbox } from '../../api/OutboxProvider';
import { runWrites } from '../../api/pacedRuns';
import { useMe } from '../../api/session';
import { ClockFace } from '../../design/beat/ClockFace';
import { useBell } from '../../design/beat/useBell';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { formatDuration } from '../../lib/duration';
import { behindS, legNow, pauseLeftS, saysBehind, saysLeg } from '../../lib/pacer';
import { shownSeconds } from '../../lib/setClock';
import type { PacedSet } from '../../lib/setRun';
import { useRun, type RunClock } from '../../lib/useRun';
import { PacerBeat } from './parts/PacerBeat';
import styles from './pacer.module.css';

/** A workout that somebody is paced through: what is done now, the next break, ahead or behind; one touch when a leg is done. */
export function PacerPage() {
  const userId = useMe().data?.coach?.id ?? '';
  return userId === '' ? null : <OnPacer key={userId} userId={userId} />;
}

function OnPacer({ userId }: { userId: string }) {
  const clock = useRun(userId);
  if (clock.run?.kind !== 'paced') {
    return (
      <Workbench title="Nobody is paced now">
        <Empty>
          Plan a workout and start its pacer: <Link to="/pacing/rehearsal">to the rehearsal</Link>.
        </Empty>
      </Workbench>
    );
  }
  const run = clock.run;
  const byClock = run.untilS !== null && clock.atS >= run.untilS;
  const over = run.endedAtS !== null || legNow(run) === undefined || byClock;
  return over ? <PacedOut run={run} clock={clock} byClock={byClock} /> : <Pacing run={run} clock={clock} />;
}

function Pacing({ run, clock }: { run: PacedSet; clock: RunClock }) {
  const [aloud, setAloud] = useState(false);
  const { atS, paused } = clock;
  const leg = legNow(run);
  const ready = atS < 0;
  const pauseS = ready ? 0 : pauseLeftS(run, atS);
  const state = ready ? 'ready' : pauseS > 0 ? 'rest' : 'work';
  const behind = behindS(run, Math.max(0, atS));
  const leftS = state === 'ready' ? -atS : state === 'rest' ? pauseS : (leg?.endS ?? 0) + shiftS(run) - atS;
  useBell(`${state} ${String(run.touches.length)}`, shownSeconds(leftS), paused);
  if (leg === undefined) {
    return null;
  }
  const touch = () =>
    clock.change({
      ...run,
      touches: [...run.touches, { atS: Math.max(0, atS), missed: run.missed }],
      missed: 0,
    });
  const back = () =>
    clock.change({ ...run, touches: run.touches.slice(0, -1), missed: run.touches.at(-1)?.missed ?? 0 });
  const rope = leg.kind === 'doubles' || leg.kind === 'singles';
  const legs = run.legs.filter(({ round }) => round === leg.round);
  return (
    <ClockFace
      title={`${run.name}: ${run.workout}`}
      tone={state}
      word={state === 'ready' ? 'Get ready' : state === 'rest' ? 'Breathe' : rope ? 'Jump' : 'Work'}
      digits={leftS >= 0 ? String(shownSeconds(leftS)) : `+${String(Math.floor(-leftS))}`}
      now={
        <>
          <strong>{saysLeg(leg)}</strong>
          <p className={styles.behind}>
            {state === 'work' &&
              (leftS >= 0 ? 'seconds left for it by the plan; ' : 'seconds over the plan; ')}
            {formatDuration(Math.max(0, atS))} in all, {saysBehind(behind)}
          </p>
        </>
      }
      next={`Round ${String(leg.round)}, ${String(legs.indexOf(leg) + 1)} of ${String(legs.length)}; ${nextOf(run)}`}
      paused={paused}
      onPause={clock.pause}
    >
      <Button type="primary" size="large" className={styles.done ?? ''} disabled={ready} onClick={touch}>
        Done: {saysLeg(leg)}
      </Button>
      {rope && (
        <Button
          size="large"
          disabled={ready}
          onClick={() => clock.change({ ...run, missed: run.missed + 1 })}
        >
          Miss{run.missed > 0 ? `: ${String(run.missed)}` : ''}
        </Button>
      )}
      <Button size="large" aria-pressed={aloud} onClick={() => setAloud(!aloud)}>
        {aloud ? 'Beat off' : 'Beat on'}
      </Button>
      {run.touches.length > 0 && (
        <Button size="large" onClick={back}>
          One back
        </Button>
      )}
      <Button size="large" onClick={() => clock.change({ ...run, endedAtS: Math.max(0, atS) })}>
        End it here
      </Button>
      {aloud && rope && leg.reps > 0 && state === 'work' && !paused && (
        <PacerBeat key={run.touches.length} secondsPerRep={leg.workS / leg.reps} />
      )}
    </ClockFace>
  );
}

/** A leg has as long as was planned for it, from where the one before it really ended. */
function shiftS(run: PacedSet): number {
  const last = run.touches.at(-1);
  return last === undefined || run.byClock ? 0 : last.atS - (run.legs[run.touches.length - 1]?.endS ?? 0);
}

function nextOf(run: PacedSet): string {
  const next = run.legs[run.touches.length + 1];
  if (next === undefined) {
    return 'the last';
  }
  const pause = next.pauseS >= 1 ? `${String(Math.round(next.pauseS))} s, then ` : '';
  return `next: ${pause}${saysLeg(next)}`;
}

function PacedOut({ run, clock, byClock }: { run: PacedSet; clock: RunClock; byClock: boolean }) {
  const { add } = useOutbox();
  const navigate = useNavigate();
  const last = run.touches.at(-1);
  const planned = run.legs[run.touches.length - 1]?.endS ?? 0;
  // What has a band is for time: its cap cuts it off, and the last touch is no time it took.
  const capped = byClock && run.forecast.p90S > run.forecast.p10S;
  const finished = run.touches.length === run.legs.length || (byClock && !capped);
  const leave = () => {
    clock.end();
    void navigate(`/pacing/rehearsal?athlete=${run.athleteId}`);
  };
  return (
    <ClockFace
      title={
        last === undefined
          ? `${run.name}: no leg was touched off`
          : `${run.name}: ${formatDuration(last.atS)}, the plan was ${formatDuration(planned)}`
      }
      tone="over"
      word={finished ? 'Done' : 'Stopped'}
      digits={formatDuration(last?.atS ?? 0)}
      now={
        last !== undefined && (
          <ol className={styles.splits} aria-label="Touches">
            {run.touches.map((touch, i) => (
              <li key={i}>
                {run.legs[i] === undefined ? '' : saysLeg(run.legs[i])}: {formatDuration(touch.atS)},{' '}
                {saysBehind(touch.atS - (run.legs[i]?.endS ?? 0))}
                {touch.missed > 0 && `, missed ${String(touch.missed)}`}
              </li>
            ))}
          </ol>
        )
      }
      next=""
      paused={false}
      onPause={null}
    >
      {last !== undefined && (
        <Button
          type="primary"
          size="large"
          className={styles.done ?? ''}
          onClick={() => {
            runWrites(run, finished).forEach(add);
            leave();
          }}
        >
          Keep it, and log the doubles
        </Button>
      )}
      {!byClock && run.endedAtS !== null && (
        <Button size="large" onClick={() => clock.change({ ...run, endedAtS: null })}>
          Go on
        </Button>
      )}
      <Button size="large" type="text" onClick={leave}>
        Throw it away
      </Button>
    </ClockFace>
  );
}
