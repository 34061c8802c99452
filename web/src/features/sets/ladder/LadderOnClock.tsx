import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { useEntryLog } from '../../../api/entries';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { formatDuration } from '../../../lib/duration';
import { FIRST_VERSION } from '../../../lib/ids';
import type { Entry } from '../../../lib/logLine';
import { shownSeconds } from '../../../lib/setClock';
import { breakLeftS, rungOf, type LadderRun } from '../../../lib/setRun';
import { useBell } from '../../../design/beat/useBell';
import type { RunClock } from '../../../lib/useRun';
import type { Tone } from '../../../design/beat/PhaseShape';
import { ClockFace } from '../../../design/beat/ClockFace';
import { RungMarks } from './RungMarks';

/** A ladder by the clock: each go at a rung is marked, and logged at once; a missed rung is tried again. */
export function LadderOnClock({ run, clock }: { run: LadderRun; clock: RunClock }) {
  const { log, undo: undoEntry } = useEntryLog();
  const navigate = useNavigate();
  const index = rungOf(run);
  const rung = run.rungs[index];
  const rest = breakLeftS(run, clock.atS);
  const ready = clock.atS < 0;
  const state = rung === undefined ? 'over' : ready ? 'ready' : rest > 0 ? 'rest' : 'work';
  useBell(
    `${state} ${run.marks.length}`,
    ready ? shownSeconds(-clock.atS) : shownSeconds(rest),
    clock.paused,
  );

  const mark = (made: boolean, reps: number) => {
    const of = { athleteId: run.athleteId, name: run.name, drill: run.code };
    const entryId = log(of, entryOf(run, made, reps));
    const marks = [...run.marks, { entryId, rung: index, made, reps, atS: Math.max(0, clock.atS) }];
    clock.change({ ...run, marks });
  };
  const undo = () => {
    const last = run.marks.at(-1);
    if (last !== undefined) {
      undoEntry({ id: last.entryId, version: FIRST_VERSION, sentence: `${run.name}, the last mark` });
      clock.change({ ...run, marks: run.marks.slice(0, -1) });
    }
  };
  const leave = () => {
    clock.end();
    void navigate(`/athletes/${run.athleteId}`);
  };
  const misses = run.marks.filter((one) => !one.made).length;
  return (
    <ClockFace
      title={
        rung === undefined
          ? `${run.name} ${run.missRule === 'carry-on' && misses > 0 ? 'went through' : 'made'} all ${run.rungs.length} rungs${misses === 0 ? ' without a miss' : `, misses: ${misses}`}`
          : `${run.name}: rung ${index + 1} of ${run.rungs.length}, ${rung.text}`
      }
      tone={faces[state].tone}
      word={faces[state].word}
      digits={
        ready
          ? String(shownSeconds(-clock.atS))
          : rest > 0 && rung !== undefined
            ? String(shownSeconds(rest))
            : formatDuration(lastedS(run, clock))
      }
      now={rung !== undefined && <BeatStrip beats={rung.beats} text={rung.text} />}
      next={rung === undefined ? '' : nextOf(run, index)}
      paused={clock.paused}
      onPause={rung === undefined ? null : clock.pause}
    >
      {run.marks.length > 0 && (
        <Button size="large" onClick={undo}>
          Undo the last mark
        </Button>
      )}
      <Button size="large" type={rung === undefined ? 'primary' : 'default'} onClick={leave}>
        {rung === undefined ? 'Close the clock' : 'End it here'}
      </Button>
      {rung !== undefined && (
        <RungMarks rung={rung} onlyClean={run.countKind === 'tries'} disabled={ready} onMark={mark} />
      )}
    </ClockFace>
  );
}

const faces: Record<'ready' | 'work' | 'rest' | 'over', { tone: Tone; word: string }> = {
  ready: { tone: 'ready', word: 'Get ready' },
  work: { tone: 'work', word: 'Jump' },
  rest: { tone: 'rest', word: 'Breathe' },
  over: { tone: 'over', word: 'Done' },
};

function entryOf(run: LadderRun, made: boolean, reps: number): Entry {
  return run.countKind === 'tries'
    ? { kind: 'tries', reps: made ? 1 : 0, misses: made ? 0 : 1, end: null, clean: true }
    : { kind: 'streak', reps, misses: 0, end: made ? 'stopped' : 'miss', clean: true };
}

/** The last mark stops the clock of a ladder that is made. */
function lastedS(run: LadderRun, clock: RunClock): number {
  return rungOf(run) < run.rungs.length ? clock.atS : (run.marks.at(-1)?.atS ?? 0);
}

function nextOf(run: LadderRun, index: number): string {
  const next = run.rungs[index + 1];
  return next === undefined ? 'the last rung' : `next rung: ${next.text}`;
}
