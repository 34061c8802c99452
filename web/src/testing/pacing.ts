import type { ClassPacing, PacedRuns, Pacing, WorkoutRead } from '../api/pacing';
import { ilse, tomasz } from './people';

export const fifty: NonNullable<WorkoutRead['workout']> = {
  text: '2 rounds: 50 doubles',
  form: 'for-time',
  rounds: [1, 2].map(() => [{ kind: 'doubles', name: 'doubles', reps: 50, seconds: 0, tires: false }]),
  doubles: 100,
  windowS: 0,
  betweenS: 0,
  capS: null,
};

const odds = {
  text: '2 rounds: 50 doubles',
  misses: 3.6,
  chanceUnbroken: 0.07,
  chanceInCap: null,
  p10S: 35,
  p90S: 48,
  fitsToday: true,
};

const round = {
  plan: [20, 15, 15],
  from: 12,
  to: 31,
  chanceUnbroken: 0.06,
  oneFewerS: 48.2,
  oneMoreS: 49.1,
  missAt: [0.01, 0.03, 0.05],
};

const station = { kind: 'doubles', name: 'doubles', reps: 50, workS: 27.8, sets: [20, 15, 15] } as const;

const leg = (
  round: number,
  reps: number,
  startS: number,
  endS: number,
  pauseS = 0,
): Pacing['legs'][number] => ({
  round,
  kind: 'doubles',
  name: 'doubles',
  reps,
  workS: endS - startS - 1,
  startS,
  endS,
  pauseS,
  misses: 0.3,
  doneS: null,
  missed: null,
});

/** Two rounds of fifty, in 20-15-15. */
export const pacing: Pacing = {
  athleteId: ilse.id,
  workout: fifty,
  plan: { code: 'pacing.plan', sentence: '20-15-15, restart each set with one single' },
  matter: { code: 'pacing.hardly', sentence: 'Breaks hardly matter here.' },
  source: { code: 'pacing.tires', sentence: 'From 12 logged goes: misses come with tiredness.' },
  rounds: [
    { ...round, round: 1, expectedS: 47.6, unbrokenS: 49 },
    { ...round, round: 2, expectedS: 48.9, unbrokenS: 51 },
  ],
  strip: [
    { ...station, round: 1, expectedS: 47.6, sets: [...station.sets] },
    { ...station, round: 2, expectedS: 48.9, sets: [...station.sets] },
  ],
  expectedS: 96.5,
  p10S: 60,
  p90S: 125,
  fixedS: 0,
  unbrokenS: 100,
  chanceInCap: null,
  chanceMinutes: null,
  roundsFit: null,
  roundsP10: null,
  roundsP90: null,
  bend: {
    sets: [20, 15, 15],
    expectedS: 47.7,
    costS: 0.1,
    breaks: [
      { from: 1, expectedS: Array.from({ length: 34 }, (_, i) => 47.7 + Math.abs(19 - i) / 10) },
      { from: 21, expectedS: Array.from({ length: 29 }, (_, i) => 47.7 + Math.abs(14 - i) / 10) },
    ],
  },
  ways: [
    {
      scaling: 'full',
      expectedS: 96.5,
      doubles: 100,
      singles: 0,
      contacts: 104,
      recommended: false,
      ...odds,
    },
    { scaling: 'fewer', expectedS: 40, doubles: 50, singles: 0, contacts: 52, recommended: true, ...odds },
  ],
  recommended: 'fewer',
  why: { code: 'scaling.why_first', sentence: 'It keeps moving and still practises' },
  contactsLeft: 400,
  cut: 25,
  tries: 60,
  costs: { missS: 10, breakS: 4, ownMiss: false, ownBreak: false },
  wider: 1,
  legs: [leg(1, 20, 0, 12), leg(1, 15, 16, 25, 4), leg(1, 15, 29, 38, 4), leg(2, 50, 38, 68)],
  clockText: '12/4: 20 doubles; 9/4: 15 doubles; 9: 15 doubles; 30: 50 doubles',
  speeds: [
    { speed: 'low-fast', jumpM: 0.1, aMinute: 129, expectedS: 86, workRatio: 1, powerRatio: 1 },
    { speed: 'natural', jumpM: 0.18, aMinute: 106, expectedS: 96.5, workRatio: 1.8, powerRatio: 1.5 },
    { speed: 'high-slow', jumpM: 0.3, aMinute: 89, expectedS: 108, workRatio: 3, powerRatio: 2.1 },
  ],
  chosen: null,
};

const row = {
  notToday: null,
  plan: [],
  expectedS: 96.5,
  p10S: 60,
  p90S: 125,
  chanceInCap: null,
  recommended: 'full',
  why: { code: 'scaling.why_race', sentence: 'A race: all of it' },
  scaledS: 96.5,
  scaledDoubles: 100,
  scaledContacts: 104,
  scaledText: '2 rounds: 50 doubles',
  level: null,
  chosen: null,
} as const;

/** Three of the class: one gets stuck, one breaks, one does not jump. */
export const classPacing: ClassPacing = {
  workout: fifty,
  rows: [
    {
      ...row,
      plan: [],
      athleteId: tomasz.id,
      name: tomasz.name,
      stageNumber: 6,
      stuck: 0.9,
      recommended: 'tries',
      scaledText: '2 rounds: tries 60 s',
    },
    { ...row, plan: [20, 15, 15], athleteId: ilse.id, name: ilse.name, stageNumber: 9, stuck: 0.1 },
    {
      ...row,
      plan: [],
      athleteId: 'sore',
      name: 'Cy Moran',
      stageNumber: 8,
      stuck: 0,
      notToday: { code: 'caution.pain', sentence: 'Pain in the shin, 5 of 10' },
      recommended: null,
      why: null,
    },
  ],
  change: null,
  spreadS: null,
  chanceTogether: null,
};

/** One workout kept, slower than its band. */
export const pacedRuns: PacedRuns = {
  runs: [
    {
      id: '019b76da-a800-76c6-8149-363915b1ab11',
      athleteId: ilse.id,
      athleteName: ilse.name,
      startedAt: '2026-11-24T18:42:00Z',
      runBy: 'Maren Quill',
      workout: '2 rounds: 50 doubles',
      expectedS: 68,
      p10S: 60,
      p90S: 90,
      takenS: 104,
      plannedS: 68,
      finished: true,
      held: false,
      misses: 5,
      expectedMisses: 1.2,
      change: { code: 'fact.smaller_sets', sentence: 'More misses than expected, 5 where about 1 were' },
      legs: pacing.legs.map((one) => ({ ...one, doneS: 1.5 * one.endS, missed: 1 })),
      removed: false,
      version: 1,
    },
  ],
  held: 2,
  of: 3,
  quicker: 0,
  slower: 1,
  calibration: { code: 'calibration.few', sentence: '2 of 3 forecasts held: too few to tell' },
};
