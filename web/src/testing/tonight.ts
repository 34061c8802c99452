import type { ClassAthlete, Drill, Today, Tonight } from '../api/classHour';
import type { Attempt } from '../api/entries';
import { ilse, tomasz, mayJump, noJumps } from './people';

const sentence = (code: string, text: string) => ({ code, sentence: text });

export const drill: Drill = {
  code: 'rungs',
  title: 'Rungs of doubles',
  text: '2 doubles, 1 single',
  notation: '2d s',
  cadencePerMin: 104,
  countKind: 'streak',
  aim: 9,
  dose: '3 × 9 unbroken',
  cue: 'land ready',
  why: 'a reason',
  beats: [
    { kind: 'd', atS: 0, turnsS: [0.2, 0.4], endS: 0.6, footwork: null },
    { kind: 'd', atS: 0.6, turnsS: [0.8, 1], endS: 1.2, footwork: null },
    { kind: 's', atS: 1.2, turnsS: [1.5], endS: 1.8, footwork: null },
  ],
};

export const attempt: Attempt = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739a0',
  athleteId: ilse.id,
  drill: 'rungs',
  kind: 'streak',
  reps: 14,
  misses: 0,
  end: 'stopped',
  clean: true,
  at: '2026-11-24T18:40:00Z',
  sentence: '14, stopped',
  selfReported: false,
  loggedBy: 'Maren Quill',
  asks: null,
  twin: null,
  removed: false,
  version: 1,
};

export const today: Today = {
  silent: false,
  athleteId: ilse.id,
  allowance: mayJump,
  drill,
  reason: sentence('set.in_turn', 'Drill 1 of 3 at this stage.'),
  others: [],
  focus: null,
  gate: {
    count: 20,
    chance: 0.6,
    entries: 1,
    open: false,
    outlook: sentence('gate.in_ten_streak', 'Reaches 20 about 6 times in 10'),
    basis: sentence('gate.basis_more', 'Based on 1 attempt in 1 session: about 4 more would tell.'),
    doubt: null,
    measure: 'streak',
    verdict: 'not-yet',
    news: null,
    curve: [
      { count: 10, chance: 0.5, low: 0.3, high: 0.7 },
      { count: 20, chance: 0.2, low: 0.1, high: 0.4 },
    ],
    next: sentence('gate.next_close', 'Close: keep this set.'),
  },
  entries: [attempt],
  bests: [],
  revision: 7,
};

export const onThePlan: ClassAthlete = {
  id: ilse.id,
  tag: 'i',
  firstName: 'Ilse',
  stage: 'link',
  station: 'linking',
  ropeM: 2.44,
  beforeJumping: null,
  ropeState: 'right',
  ropeNext: 'keep it',
  allowance: mayJump,
  drill,
  logs: { drill: drill.code, countKind: drill.countKind },
  cueReason: 'a reason',
  outlook: sentence('gate.in_ten_streak', 'Reaches 20 about 6 times in 10'),
  doubt: null,
  bests: [{ kind: 'streak', best: 41, askAbove: 123 }],
  caution: false,
  entriesToday: 1,
  setsOpen: 2,
  guest: false,
  look: null,
  news: null,
  provisional: false,
};

export const tonight: Tonight = {
  title: sentence('class.running', '2 in the hall, 1 logged'),
  day: '2026-11-24',
  className: 'Evening class',
  stations: [
    { phase: 'learning', name: 'Jump to Singles' },
    { phase: 'approaching', name: 'Range to Mix' },
    { phase: 'linking', name: 'Link to Workout' },
  ],
  athletes: [
    onThePlan,
    {
      ...onThePlan,
      id: tomasz.id,
      tag: 't',
      firstName: 'Tomasz',
      station: 'learning',
      ropeM: null,
      allowance: noJumps,
      drill: null,
      logs: null,
      cueReason: null,
      caution: true,
    },
  ],
  absent: [],
  justNow: [attempt],
  groups: [],
  revision: 7,
};
