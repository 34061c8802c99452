import type { Cables } from '../api/cables';
import type { CutSheet } from '../api/cutting';
import type { RackRope, TonightsRopes } from '../api/rack';
import type { Fit, Rope, RopeTerms, SharedRopes } from '../api/ropes';
import type { Trim } from '../api/trim';
import { ilse, tomasz } from './people';

const sentence = (code: string, text: string) => ({ code, sentence: text });

export const ownRope: Rope = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073990',
  athleteId: ilse.id,
  cableLengthM: 2.44,
  handleLengthM: 0.15,
  family: 'medium-cord',
  school: 'armpit',
  stance: 'two-feet',
  computedCableM: 2.44,
  overrideReason: '',
  cableId: null,
  tailsCutOn: null,
  inspection: { on: null, safe: true, failed: [], found: [] },
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
};

export const trim: Trim = {
  rope: ownRope,
  goalSchool: 'chest',
  goalM: 2.31,
  steps: [
    { cableLengthM: 2.4, offPerSideM: 0.02, gate: sentence('trim.gate', 'When three sets hold at 244 cm.') },
    { cableLengthM: 2.36, offPerSideM: 0.02, gate: sentence('trim.gate', 'When three sets hold at 240 cm.') },
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
    inspection: { on: '2026-11-13', safe: true, failed: [], found: [] },
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
    inspection: { on: '2026-11-13', safe: false, failed: ['no-kinks'], found: ['kinked'] },
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
};

const cable = {
  ownCableId: null,
  version: null,
  diameterM: 0.004,
  densityKgPerM: 0.0163,
  learningPullN: 1.9,
  doublesPullN: 5.6,
  doublesPowerW: 27,
  wristCircleM: 0.1,
  feel: 'clear',
  feelStep: 3,
  effort: 'high',
  effortStep: 3,
  forStage: true,
  recommended: true,
  whips: false,
} as const;

export const cables: Cables = {
  cableLengthM: 2.44,
  cables: [
    { ...cable, family: 'medium-cord', name: 'Medium cord' },
    {
      ...cable,
      family: 'thin-wire',
      name: 'Thin wire',
      feel: 'faint',
      feelStep: 1,
      recommended: false,
      forStage: false,
      whips: true,
    },
    {
      ...cable,
      family: 'coated-steel',
      name: 'Blue coil',
      recommended: false,
      ownCableId: '01934f2e-7a4c-7cc0-98c4-dc0c0c0739c1',
      version: 1,
    },
  ],
  reasons: [sentence('cable.approaching', 'Still felt.')],
};

export const fit: Fit = {
  fit: 'too-long',
  offByM: 0.2,
  cableLengthM: 2.8,
  reaches: sentence('fit.reaches', 'The handle ends reach 146 cm: top of the shoulder.'),
  remedy: sentence('fit.off_long', '20 cm too long: take it down to 260 cm, in small steps.'),
  effects: [sentence('fit.lags', 'Too much arc: the rope lags behind the hands.')],
};

export const sharedRopes: SharedRopes = {
  faceToFaceM: 2.62,
  faceToFace: sentence('partner.face_to_face', 'It comes down in front of the partner’s toes.'),
  sideBySideM: 2.49,
  sideBySide: sentence('partner.side_by_side', 'The outer hands are further apart.'),
  turnedM: 3.66,
  turned: sentence('turned.least', '12 ft each.'),
};

const piece = (athleteId: string, name: string) => ({
  athleteId,
  name,
  cableLengthM: 2.44,
  cutLengthM: 2.58,
  family: 'thick-cord' as const,
  familyName: 'Thick solid cord',
  ofKeptRope: false,
});

export const cutSheet: CutSheet = {
  day: '2026-11-24',
  sparePerSideM: 0.05,
  lists: [
    {
      family: 'thick-cord',
      familyName: 'Thick solid cord',
      stockM: 5.2,
      bars: [
        { pieces: [piece(ilse.id, 'Ilse Tannow'), piece('other', 'Bram Oosterveel')], offcutM: 0.04 },
        { pieces: [piece(tomasz.id, 'Tomasz Wierzba')], offcutM: 2.62 },
      ],
      wasteM: 2.66,
      proven: true,
      verdict: sentence('cut.proven', 'Cut from 2 of 5.20 m, and no way needs fewer.'),
    },
  ],
};
