import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { useEntryLog } from '../../../api/entries';
import { AttemptPad } from '../../../design/log/AttemptPad';
import { PhaseBar } from '../../../design/beat/PhaseBar';
import { formatDuration } from '../../../lib/duration';
import { phaseAt, shownSeconds, workedS } from '../../../lib/setClock';
import type { IntervalRun } from '../../../lib/setRun';
import { useBell } from '../../../design/beat/useBell';
import type { RunClock } from '../../../lib/useRun';
import type { Tone } from '../../../design/beat/PhaseShape';
import { ClockFace } from '../../../design/beat/ClockFace';

/** Work and rest by the clock; at the end what was done is logged in sum. */
export function IntervalOnClock({ run, clock }: { run: IntervalRun; clock: RunClock }) {
  const { log } = useEntryLog();
  const navigate = useNavigate();
  const at = run.endedAtS === null ? phaseAt(run.phases, clock.atS) : { state: 'over' as const };
  const face = faceOf(at);
  useBell(
    `${at.state} ${at.state === 'phase' ? at.index : ''}`,
    at.state === 'over' ? 0 : shownSeconds(at.leftS),
    clock.paused,
  );
  const rounds = run.phases.at(-1)?.round ?? 1;
  const worked = Math.round(workedS(run.phases, run.endedAtS ?? clock.atS));
  const leave = () => {
    clock.end();
    void navigate(`/athletes/${run.athleteId}`);
  };
  return (
    <ClockFace
      title={
        at.state === 'over'
          ? `${run.name} worked ${formatDuration(worked)}: how did it go?`
          : `${run.name}: ${run.title}`
      }
      tone={face.tone}
      word={face.word}
      digits={at.state === 'over' ? formatDuration(worked) : String(shownSeconds(at.leftS))}
      now={
        at.state === 'phase'
          ? `Round ${at.phase.round} of ${rounds}${at.phase.station === null || at.phase.kind === 'rest' ? '' : `: ${at.phase.station}`}`
          : ''
      }
      next={at.state === 'phase' ? nextOf(at) : ''}
      paused={clock.paused}
      onPause={at.state === 'over' ? null : clock.pause}
    >
      {at.state === 'over' ? (
        <div style={{ width: 'min(100%, 420px)', textAlign: 'left' }}>
          <AttemptPad
            countKind={run.countKind}
            aim={worked}
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
        <Button size="large" onClick={() => clock.change({ ...run, endedAtS: Math.max(0, clock.atS) })}>
          End it here
        </Button>
      )}
      {at.state !== 'over' && (
        <div style={{ width: '100%', textAlign: 'left' }}>
          <PhaseBar phases={run.phases} label="The whole set" atS={clock.atS} />
        </div>
      )}
    </ClockFace>
  );
}

function faceOf(at: ReturnType<typeof phaseAt>): { tone: Tone; word: string } {
  switch (at.state) {
    case 'count-in':
      return { tone: 'ready', word: 'Get ready' };
    case 'phase':
      return at.phase.kind === 'work' ? { tone: 'work', word: 'Work' } : { tone: 'rest', word: 'Rest' };
    case 'over':
      return { tone: 'over', word: 'Done' };
  }
}

function nextOf(at: Extract<ReturnType<typeof phaseAt>, { state: 'phase' }>): string {
  if (at.next === null) {
    return 'the last one';
  }
  const what = at.next.kind === 'work' ? (at.next.station ?? 'work') : 'rest';
  return `next: ${what}, ${at.next.seconds} s`;
}
