import type { ClassClock, Programme, Strip } from '../../../api/classClock';
import { elapsedS, phaseAt, shownSeconds, type Phase } from '../../../lib/setClock';
import { formatDuration } from '../../../lib/duration';
import type { Tone } from '../../../design/beat/PhaseShape';

/** Where a programme stands at an instant, in the words and numbers that every screen shows alike. */
export interface Standing {
  tone: Tone;
  /** Get ready, Work, Rest, Done; Paused while the clock stands still. */
  word: string;
  /** Of the phase, in whole seconds: 9, or 1:30. */
  left: string;
  /** What is done now, or comes next. */
  what: string;
  /** Seconds since the phase began; null: none runs. */
  atS: number | null;
  /** Of what is done now or next; null: no rope turns. */
  strip: Strip | null;
  /** Changes with the phase, for the bell. */
  key: string;
  lastSeconds: number;
  /** Seconds since the first phase began; below 0 during the count-in. */
  elapsedS: number;
}

export function standingOf(clock: ClassClock, programme: Programme, nowMs: number): Standing {
  const elapsed = elapsedS(clock, nowMs);
  const phase = phaseOf(programme, elapsed);
  const stands = clock.pausedAtMs !== null && phase.tone !== 'over';
  return { ...phase, word: stands ? 'Paused' : phase.word, elapsedS: elapsed };
}

function phaseOf(programme: Programme, elapsed: number): Omit<Standing, 'elapsedS'> {
  const phases: Phase[] = programme.phases;
  const at = phaseAt(phases, elapsed);
  const first = phases[0];
  switch (at.state) {
    case 'count-in':
      return {
        tone: 'ready',
        word: 'Get ready',
        left: clockOf(at.leftS),
        what: whatOf(first),
        atS: null,
        strip: stripOf(programme, first),
        key: 'ready',
        lastSeconds: shownSeconds(at.leftS),
      };
    case 'over':
      return {
        tone: 'over',
        word: 'Done',
        left: '0',
        what: '',
        atS: null,
        strip: null,
        key: 'over',
        lastSeconds: 0,
      };
    case 'phase': {
      const work = at.phase.kind === 'work';
      const shown = work ? at.phase : (at.next ?? undefined);
      return {
        tone: work ? 'work' : 'rest',
        word: work ? 'Work' : 'Rest',
        left: clockOf(at.leftS),
        what: work ? whatOf(at.phase) : `next ${whatOf(shown)}`,
        atS: work ? at.phase.seconds - at.leftS : null,
        strip: stripOf(programme, shown),
        key: String(at.index),
        lastSeconds: shownSeconds(at.leftS),
      };
    }
  }
}

function whatOf(phase: Phase | undefined): string {
  return phase === undefined ? '' : (phase.station ?? `round ${phase.round}`);
}

function stripOf(programme: Programme, phase: Phase | undefined): Strip | null {
  const found = programme.strips.find(
    (strip) => strip.name === (phase?.station ?? null) && strip.seconds === phase?.seconds,
  );
  return found === undefined || found.beats.length === 0 ? null : found;
}

/** Seconds below a hundred, minutes and seconds above. */
function clockOf(leftS: number): string {
  const seconds = shownSeconds(leftS);
  return seconds < 100 ? String(seconds) : formatDuration(seconds);
}

/** Programmes that do the same at the same time are one row, with all their people. */
export function rowsOf(programmes: readonly Programme[]): Programme[] {
  const rows = new Map<string, Programme>();
  for (const one of programmes) {
    const key = `${one.text} ${one.keepLastRest}`;
    const row = rows.get(key);
    rows.set(key, row === undefined ? one : { ...row, people: [...row.people, ...one.people] });
  }
  return [...rows.values()];
}
