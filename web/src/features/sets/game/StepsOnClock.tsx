import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { useEntryLog } from '../../../api/entries';
import { AttemptPad } from '../../../design/log/AttemptPad';
import { formatDuration } from '../../../lib/duration';
import { shownSeconds } from '../../../lib/setClock';
import type { StepsRun } from '../../../lib/setRun';
import { useBell } from '../../../design/beat/useBell';
import type { RunClock } from '../../../lib/useRun';
import { ClockFace } from '../../../design/beat/ClockFace';

/** A game step by step: a card, a foot's hops; at the end what was done is logged in sum. */
export function StepsOnClock({ run, clock }: { run: StepsRun; clock: RunClock }) {
  const { log } = useEntryLog();
  const navigate = useNavigate();
  const step = run.steps[run.done];
  const over = step === undefined || run.endedAtS !== null;
  const ready = clock.atS < 0;
  useBell(`${run.done} ${ready}`, ready ? shownSeconds(-clock.atS) : 0, clock.paused);
  const lasted = Math.round(run.endedAtS ?? Math.max(0, clock.atS));
  const reps = run.steps.slice(0, run.done).reduce((sum, one) => sum + one.reps, 0);
  const to = (done: number) =>
    clock.change({ ...run, done, endedAtS: done >= run.steps.length ? Math.max(0, clock.atS) : null });
  const leave = () => {
    clock.end();
    void navigate(`/athletes/${run.athleteId}`);
  };
  return (
    <ClockFace
      title={
        over
          ? `${run.name}: ${reps} reps in ${formatDuration(lasted)}. How did it go?`
          : `${run.name}: ${run.title}`
      }
      tone={over ? 'over' : ready ? 'ready' : 'work'}
      word={over ? 'Done' : ready ? 'Get ready' : 'Jump'}
      digits={ready && !over ? String(shownSeconds(-clock.atS)) : formatDuration(lasted)}
      now={over ? '' : <strong>{step.text}</strong>}
      next={over ? '' : `${run.done + 1} of ${run.steps.length}${nextOf(run)}`}
      paused={clock.paused}
      onPause={over ? null : clock.pause}
    >
      {over ? (
        <div style={{ width: 'min(100%, 420px)', textAlign: 'left' }}>
          <AttemptPad
            countKind={run.countKind}
            aim={run.countKind === 'hold' ? lasted : reps}
            summed
            onLog={(entry) => {
              log({ athleteId: run.athleteId, name: run.name, drill: run.code }, entry);
              leave();
            }}
          />
          <Button type="text" size="large" block onClick={leave}>
            Nothing to log
          </Button>
        </div>
      ) : (
        <>
          <Button type="primary" size="large" disabled={ready} onClick={() => to(run.done + 1)}>
            Done: {step.text}
          </Button>
          {run.done > 0 && (
            <Button size="large" onClick={() => to(run.done - 1)}>
              One back
            </Button>
          )}
          <Button size="large" onClick={() => clock.change({ ...run, endedAtS: Math.max(0, clock.atS) })}>
            End it here
          </Button>
        </>
      )}
    </ClockFace>
  );
}

function nextOf(run: StepsRun): string {
  const next = run.steps[run.done + 1];
  return next === undefined ? ', the last' : `, next: ${next.text}`;
}
