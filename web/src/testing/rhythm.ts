import type { HeardTake } from '../api/recordings';
import type { FramesReading, JumpExplorer, PatternInTime, TakeReport } from '../api/rhythm';

const sentence = (code: string, text: string) => ({ code, sentence: text });

export const pattern: PatternInTime = {
  notation: '3s d',
  text: '3 singles, 1 double',
  jumps: 4,
  turns: 5,
  cadencePerMin: 100,
  beats: [
    { kind: 's', atS: 0, turnsS: [0.4], endS: 0.6, footwork: null },
    { kind: 's', atS: 0.6, turnsS: [1], endS: 1.2, footwork: null },
    { kind: 's', atS: 1.2, turnsS: [1.6], endS: 1.8, footwork: null },
    { kind: 'd', atS: 1.8, turnsS: [2.1, 2.2], endS: 2.4, footwork: null },
  ],
  chance: null,
};

export const take: TakeReport = {
  jumps: 3,
  turns: 0,
  passes: [0, 0, 0],
  cadencePerMin: 120,
  variation: 0.03,
  evenness: 'even',
  driftPerMin: null,
  pauses: 0,
  misses: 0,
  doubleBounces: 3,
  longestStreak: 0,
  firstBroken: null,
  verdict: sentence('rhythm.even', '120 jumps a minute, even.'),
  counts: sentence('rhythm.counts', '3 singles, 0 doubles, no miss'),
  pause: null,
  entries: [
    { countKind: 'streak', kind: 'streak', reps: 3, misses: 0, end: 'stopped' },
    { countKind: 'tries', kind: 'tries', reps: 3, misses: 0, end: null },
    { countKind: 'hold', kind: 'hold', reps: 2, misses: 0, end: null },
  ],
  seconds: 1.5,
  observed: { seen: ['two-landings'], fine: ['uneven-beat'] },
};

const way = {
  jumpM: 0.15,
  cadencePerMin: 113,
  turnsPerMin: 226,
  powerW: 327,
  workJ: 221,
  secondsFor50: 34,
  leastTurnsPerMin: 130,
  dragW: 24,
  lateBudgetS: 0.032,
};

export const explorer: JumpExplorer = {
  cableLengthM: 2.44,
  footLengthM: 0.255,
  clearanceM: 0.017,
  curves: [1, 2, 3].map((passes) => ({
    passes,
    points: [0.01, 0.2, 0.4].map((jumpM) => ({
      jumpM,
      leastTurnsPerMin: jumpM < 0.02 ? null : (60 * passes) / jumpM / 3,
      evenTurnsPerMin: 100 * passes,
    })),
    leastEvenJumpM: 0.04 * passes,
  })),
  now: way,
  highSlow: { ...way, jumpM: 0.2, cadencePerMin: 103 },
  lowFast: { ...way, jumpM: 0.1, cadencePerMin: 129, lateBudgetS: -0.01 },
  contacts: [
    { contactMs: 120, leastJumpM: 0.05 },
    { contactMs: 250, leastJumpM: 0.13 },
  ],
  answer: sentence('explorer.contact_first', 'Shorten the contact first.'),
  wideHands: sentence('explorer.wide_hands', 'Hands out cost 6 cm more jump.'),
};

export const frames: FramesReading = {
  flightS: 0.5,
  flightErrorS: 0.0034,
  jumpM: 0.306,
  jumpErrorM: 0.0042,
  jumpWorstM: [0.296, 0.317],
  turnsPerMin: 208.7,
  turnsErrorPerMin: 2.5,
  turnsWorst: [202.8, null],
  firstPassAfterS: 0.108,
  windowS: [0.015, 0.198],
  verdict: sentence('frames.high', 'A rise of 31 cm: higher than a double needs.'),
  tucked: sentence('frames.tucked', 'Legs drawn up make it look higher.'),
  windowOf: sentence('frames.window', 'For somebody of 175 cm.'),
  observed: { seen: [], fine: [] },
};

export const heard: HeardTake = {
  seconds: 2,
  turnsS: [0.8, 1.4],
  landingsS: [0.5, 1.1, 1.7],
  confidence: 0.9,
  counts: true,
  verdict: sentence('sound.clear', '3 landings and 2 turns heard.'),
  columnS: 0.02,
  ticks: Array.from({ length: 100 }, (_, i) => (i * 37) % 1000),
  thuds: Array.from({ length: 100 }, (_, i) => (i * 53) % 1000),
  report: null,
};
