import type { Athlete, AthleteTerms, Allowance, RopeVerdict } from '../api/athletes';
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
    handleM: null,
    ceilingM: null,
    hallWidthM: null,
    hallDepthM: null,
    matWidthM: null,
    matDepthM: null,
    classTimes: '',
    stance: null,
    reading: null,
    usualPattern: '3s d',
    demo: true,
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
  path: ['jump', 'turn', 'join', 'singles', 'range', 'snap', 'mix', 'link', 'hold', 'workout'],
  ladders: ['rising', 'pyramid', 'falling-singles', 'fixed-singles'],
  usualPattern: '3s d',
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
  guest: false,
  missed: false,
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
