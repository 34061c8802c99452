import type { RackRope, TonightsRopes } from '../api/rack';
import type { Fit, Rope, RopeTerms, SharedRopes } from '../api/ropes';
import type { Trim } from '../api/trim';
import { ilse, rightRope, tomasz } from './people';
import { neverLookedOver } from './inspection';

const sentence = (code: string, text: string) => ({ code, sentence: text });

export const ownRope: Rope = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073990',
  athleteId: ilse.id,
  cableLengthM: 2.44,
  handleLengthM: 0.15,
  family: 'medium-cord',
  familyName: 'Medium cord',
  school: 'armpit',
  schoolName: 'armpit',
  stance: 'two-feet',
  stanceName: 'both feet',
  computedCableM: 2.44,
  overrideReason: '',
  cableId: null,
  tailsCutOn: null,
  inspection: neverLookedOver,
  removed: false,
  version: 1,
};

export const terms: RopeTerms = {
  families: [
    { code: 'thick-cord', name: 'Thick solid cord' },
    { code: 'medium-cord', name: 'Medium cord' },
  ],
  inspection: [
    { code: 'no-kinks', sentence: 'Lay it out straight: no kink stays.' },
    { code: 'screws-tight', sentence: 'Pull at each handle: the screws hold.' },
  ],
  schools: [
    { code: 'height', name: 'rule of height' },
    { code: 'armpit', name: 'armpit' },
    { code: 'chest', name: 'chest' },
    { code: 'breastbone', name: 'breastbone' },
  ],
  stances: [
    { code: 'two-feet', name: 'both feet' },
    { code: 'one-foot', name: 'one foot' },
    { code: 'pinned', name: 'pinned under one arch' },
  ],
  places: [
    { code: 'above', name: 'past the shoulder' },
    { code: 'shoulder', name: 'top of the shoulder' },
    { code: 'armpit', name: 'armpit' },
    { code: 'ribs', name: 'ribs' },
  ],
  usualHandleM: 0.15,
  trimStepsM: [0.01, 0.015, 0.02, 0.03],
  usualTrimStepM: 0.02,
};

export const trim: Trim = {
  rope: ownRope,
  verdict: {
    ...rightRope,
    state: 'on-its-way',
    stateName: 'on its way down',
    school: 'chest',
    schoolName: 'chest',
    goalM: 2.31,
    offByM: 0.13,
    next: 'trim',
    nextName: 'trim',
    perSideM: 0.02,
    stepsToGo: 2,
    reasons: [sentence('verdict.on_its_way', '13 cm longer than the goal of 231 cm.')],
  },
  sinceGrowth: null,
  goalSchool: 'chest',
  goalM: 2.31,
  steps: [
    {
      cableLengthM: 2.4,
      offPerSideM: 0.02,
      gate: sentence('trim.gate', 'When three sets hold at 244 cm.'),
      effect: sentence('trim.lifts', 'The lowest point rises by about 2 cm.'),
    },
    {
      cableLengthM: 2.36,
      offPerSideM: 0.02,
      gate: sentence('trim.gate', 'When three sets hold at 240 cm.'),
      effect: sentence('trim.lifts', 'The lowest point rises by about 2 cm.'),
    },
  ],
  advice: sentence('trim.path', '2 trims from 244 cm to 231 cm.'),
  gateOpen: true,
  gate: sentence('trim.gate_open', 'The last 3 sets held without a miss.'),
  notToday: null,
  outcome: 'cannot-tell',
  outcomeReason: sentence('trim.cannot_tell', 'Cannot tell yet: about 16 more logged would tell.'),
  mayCutTails: false,
  tails: sentence('tails.not_there', 'Do not cut: 13 cm over the goal.'),
  history: [
    {
      ropeId: 'before',
      since: '2026-09-01',
      cableLengthM: 2.48,
      reason: '',
      entries: 12,
      missesPer100: 5.5,
    },
    {
      ropeId: ownRope.id,
      since: '2026-11-01',
      cableLengthM: 2.44,
      reason: 'trimmed from 248 cm',
      entries: 3,
      missesPer100: null,
    },
  ],
  sources: {
    goal: 'why the goal',
    step: 'why the steps',
    misses: 'why the misses',
    outcome: 'why the outcome',
  },
};

export const rack: RackRope[] = [
  {
    id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739b1',
    tag: 'R1',
    cableLengthM: 2.3,
    handleLengthM: 0.15,
    family: 'thick-cord',
    familyName: 'Thick solid cord (5–6 mm)',
    keptBack: false,
    inspection: {
      on: '2026-11-13',
      safe: true,
      failed: [],
      found: [],
      nextOn: '2026-12-13',
      lookOver: sentence('inspect.next', 'Looked over on 2026-11-13, next on 2026-12-13.'),
    },
    lookDue: false,
    removed: false,
    version: 2,
  },
  {
    id: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739b2',
    tag: 'R2',
    cableLengthM: 2.5,
    handleLengthM: 0.15,
    family: 'beaded',
    familyName: 'Beaded rope',
    keptBack: false,
    inspection: {
      on: '2026-11-13',
      safe: false,
      failed: ['no-kinks'],
      found: ['kinked'],
      nextOn: '2026-12-13',
      lookOver: sentence('inspect.next', 'Looked over on 2026-11-13, next on 2026-12-13.'),
    },
    lookDue: false,
    removed: false,
    version: 1,
  },
];

export const tonightsRopes: TonightsRopes = {
  given: [
    {
      athleteId: tomasz.id,
      firstName: 'Tomasz',
      idealM: 2.31,
      rackRopeId: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739b1',
      tag: 'R1',
      cableLengthM: 2.3,
      reasons: [
        sentence('gear.fits', 'R1, 230 cm: as long as 231 cm asks.'),
        sentence('gear.same_as_last', 'The same rope as last time.'),
      ],
      pin: null,
      writtenRopeId: null,
      handedOut: false,
    },
    {
      athleteId: ilse.id,
      firstName: 'Ilse',
      idealM: 2.9,
      rackRopeId: null,
      tag: null,
      cableLengthM: null,
      reasons: [sentence('gear.none_fits', 'No rope on the rack is near 290 cm.')],
      pin: null,
      writtenRopeId: null,
      handedOut: false,
    },
  ],
  served: 1,
  toBuyM: [2.9],
  handedOut: false,
  givingSource: 'why who gets which',
  idealSource: 'why the length',
};

export const fit: Fit = {
  verdict: {
    ...rightRope,
    state: 'too-long',
    stateName: 'too long',
    offByM: 0.36,
    next: 'trim',
    nextName: 'trim',
    perSideM: 0.02,
    stepsToGo: 9,
    reasons: [sentence('verdict.too_long', 'Too long: 36 cm more than the goal of 244 cm.')],
  },
  handleLengthM: 0.15,
  cableLengthM: 2.8,
  reaches: sentence('fit.reaches', 'The handle ends reach 146 cm: top of the shoulder.'),
  effects: [sentence('fit.lags', 'Too much arc: the rope lags behind the hands.')],
  offBySource: 'why it is off',
};

export const sharedRopes: SharedRopes = {
  faceToFaceM: 2.62,
  faceToFace: sentence('partner.face_to_face', 'It comes down in front of the partner’s toes.'),
  sideBySideM: 2.49,
  sideBySide: sentence('partner.side_by_side', 'The outer hands are further apart.'),
  turnedM: 3.66,
  turned: sentence('turned.least', '12 ft each.'),
  partnerSource: 'why for two',
  turnedSource: 'why for turners',
};
