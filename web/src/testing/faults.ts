import type { Cue, Diagnosis, SignGroup } from '../api/faults';
import { ilse, rightRope } from './people';

export const signs: SignGroup[] = [
  {
    place: 'hands',
    name: 'Hands and arms',
    signs: [
      { code: 'hands-drift-out', text: 'hands drift out' },
      { code: 'big-circles', text: 'big circles' },
    ],
  },
  { place: 'feet', name: 'Feet', signs: [{ code: 'catches-toes', text: 'catches toes' }] },
];

export const cue: Cue = {
  fault: 'hands-wide',
  name: 'hands wide, elbows out',
  cue: 'elbows on your ribs',
  drill: 'a band round the upper arms',
  drillCode: 'elbow-hold',
  reason: { code: 'cue.because', sentence: 'Seen: hands drift out. Most likely hands wide, elbows out.' },
  stepBack: { code: 'cue.step_back', sentence: 'If 3 goes bring nothing, step back to singles.' },
  watch: { code: 'cue.watch', sentence: 'Does it still show “hands drift out”?' },
  learned: null,
  stepsBackNow: false,
  withoutEffect: 0,
};

export const diagnosis: Diagnosis = {
  athleteId: ilse.id,
  action: 'go-on',
  advice: { code: 'clinic.technique', sentence: 'Most likely hands wide, elbows out.' },
  check: { code: 'check.length', sentence: 'Check the length of the rope first.' },
  rope: rightRope,
  ranked: [
    {
      fault: 'hands-wide',
      name: 'hands wide, elbows out',
      why: 'every cm outward shortens the arc',
      chance: 0.93,
      evidence: [
        {
          sign: 'hands-drift-out',
          text: 'hands drift out',
          marks: 3,
          reason: 'it is the fault itself, seen',
        },
      ],
    },
    { fault: 'rope-short', name: 'rope too short', why: 'no room', chance: 0.04, evidence: [] },
  ],
  ask: null,
  cue,
  price: { code: 'price.hands_wide', sentence: '10 cm wider on each side is 5 cm less arc.' },
};

export const unsure: Diagnosis = {
  ...diagnosis,
  advice: { code: 'clinic.unsure', sentence: 'Not sure yet: late spin, or spin too slow?' },
  ask: { sign: 'big-circles', question: { code: 'ask.look', sentence: 'Look for “big circles”?' } },
};
