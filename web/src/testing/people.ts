import type { Athlete, AthleteTerms, Allowance, RopeVerdict } from '../api/athletes';
import type { Attempt, ClassAthlete, Drill, Today, Tonight } from '../api/classHour';
import type { Me } from '../api/session';
import { neverLookedOver } from './inspection';

export const maren: Me = {
  coach: { id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073980', name: 'Maren Quill', role: 'owner' },
  gym: {
    id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073981',
    name: 'Saltmarsh Barbell',
    timeZone: 'Europe/London',
    unit: 'cm',
    trimSchool: 'start-long',
    beginnersSchool: 'armpit',
    version: 1,
  },
};

export const athleteTerms: AthleteTerms = {
  hands: [
    { code: 'right', name: 'Right' },
    { code: 'left', name: 'Left' },
    { code: 'both', name: 'Both' },
  ],
  experiences: [
    { code: 'none', name: 'Never jumped' },
    { code: 'singles', name: 'Singles' },
    { code: 'some-doubles', name: 'Some doubles' },
    { code: 'linked-doubles', name: 'Linked doubles' },
  ],
  cautions: [
    { code: 'dizziness', name: 'Dizziness', pain: false, warningSign: true, easy: false },
    { code: 'pain', name: 'Pain', pain: true, warningSign: false, easy: false },
    { code: 'bone', name: 'Bone condition', pain: false, warningSign: false, easy: false },
  ],
  bodyParts: [
    { code: 'shin', name: 'shin' },
    { code: 'wrist', name: 'wrist' },
  ],
  stages: [
    { code: 'jump', name: 'Jump' },
    { code: 'turn', name: 'Turn' },
    { code: 'join', name: 'Join' },
    { code: 'singles', name: 'Singles' },
    { code: 'range', name: 'Range' },
    { code: 'snap', name: 'Snap' },
    { code: 'mix', name: 'Mix' },
    { code: 'link', name: 'Link' },
    { code: 'hold', name: 'Hold' },
    { code: 'workout', name: 'Workout' },
  ],
  leastBirthYear: 1900,
  mostBirthYear: 2100,
};

export const helper: Me = { ...maren, coach: { id: 'h', name: 'Jory Penhale', role: 'helper' } };

const sentence = (code: string, text: string) => ({ code, sentence: text });

export const mayJump: Allowance = {
  jumping: 'all',
  public: null,
  contactsLeftToday: 900,
  contactsLeftWeek: 2700,
  stopToday: false,
  reasons: [sentence('load.left', '900 contacts left today.')],
  instead: [],
};

export const noJumps: Allowance = {
  jumping: 'no-jump',
  public: sentence('allowance.no_jump', 'No jumps today.'),
  contactsLeftToday: 0,
  contactsLeftWeek: 0,
  stopToday: false,
  reasons: [sentence('caution.pain', 'Pain, shin, 5 of 10: no jumping until the coach clears it.')],
  instead: [
    {
      code: 'side-turns',
      title: 'One-hand turns at the side',
      dose: '3 × 30 s',
      cue: 'small quick wrists',
      why: 'the wrist learns the turn',
    },
  ],
};

export const rightRope: RopeVerdict = {
  state: 'right',
  stateName: 'right',
  school: 'armpit',
  schoolName: 'armpit',
  schoolChosen: false,
  goalM: 2.44,
  goalOverallM: 2.74,
  offByM: 0,
  next: 'keep',
  nextName: 'keep it',
  perSideM: null,
  stepsToGo: 0,
  mayCut: false,
  tails: sentence('tails.too_new', 'Do not cut yet.'),
  reasons: [sentence('verdict.right', 'Right: 244 cm, as long as it should be.')],
};

export const ilse: Athlete = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f',
  name: 'Ilse Tannow',
  statureM: 1.68,
  dominantHand: 'right',
  handName: 'Right',
  experience: 'singles',
  experienceName: 'Singles',
  stage: 'mix',
  stageName: 'Mix',
  stageNumber: 7,
  birthYear: 1992,
  guardianConsent: false,
  needsConsent: false,
  measureAgain: null,
  measureNextOn: null,
  taped: { shoulderM: null, armpitM: null, chestM: null, breastboneM: null },
  trimSchool: null,
  school: null,
  handleLengthM: 0.15,
  cautions: [],
  allowance: mayJump,
  ropeVerdict: rightRope,
  rope: {
    id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073990',
    cableLengthM: 2.44,
    family: 'medium-cord',
    byHand: false,
    inspection: neverLookedOver,
  },
  removed: false,
  version: 3,
};

export const tomasz: Athlete = {
  ...ilse,
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073991',
  name: 'Tomasz Wierzba',
  rope: null,
  cautions: [{ code: 'heart', name: 'Heart condition', sentence: 'Heart condition: ask a doctor first.' }],
  allowance: noJumps,
};

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
  kind: 'streak',
  reps: 14,
  misses: 0,
  end: 'stopped',
  clean: true,
  at: '2026-11-24T18:40:00Z',
  sentence: '14, stopped',
  removed: false,
  version: 1,
};

export const today: Today = {
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
    basis: sentence('gate.basis_more', 'Rests on 1 logged; about 4 more would settle it.'),
    next: sentence('gate.next_close', 'Close: keep this set.'),
  },
  entries: [attempt],
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
  cueReason: 'a reason',
  outlook: sentence('gate.in_ten_streak', 'Reaches 20 about 6 times in 10'),
  caution: false,
  entriesToday: 1,
  look: null,
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
      cueReason: null,
      caution: true,
    },
  ],
  justNow: [attempt],
  revision: 7,
};
