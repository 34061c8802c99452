import type { Cables } from '../api/cables';
import type { CutSheet } from '../api/cutting';
import { ilse, tomasz } from './people';

const sentence = (code: string, text: string) => ({ code, sentence: text });

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
  verdict: {
    fit: 'right',
    recommended: 'medium-cord',
    sentence: sentence('cable.right', 'Medium cord: right for this stage.'),
    next: sentence('cable.next', 'Next: thin coated steel, from the stage Link on.'),
  },
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
  learningTurnsPerMin: 120,
  doublesTurnsPerMin: 210,
  sources: {
    density: 'why the weight',
    feel: 'why the feel',
    effort: 'why the effort',
    pull: 'why the pull',
    power: 'What the air takes at 210 turns a minute.',
    circle: 'why the circle',
  },
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
  stock: '5.2 m',
  sparePerSideM: 0.05,
  kerfM: 0.002,
  handlesUnknown: [],
  advice: sentence('cut.spare', 'Leave 5 cm spare on each side.'),
  stockSource: 'why so many coils',
  cutSource: 'why so long',
  lists: [
    {
      family: 'thick-cord',
      familyName: 'Thick solid cord',
      bars: [
        {
          pieces: [piece(ilse.id, 'Ilse Tannow'), piece('other', 'Bram Oosterveel')],
          stockM: 5.2,
          offcutM: 0.04,
        },
        { pieces: [piece(tomasz.id, 'Tomasz Wierzba')], stockM: 5.2, offcutM: 2.62 },
      ],
      wasteM: 2.66,
      proven: true,
      verdict: sentence('cut.proven', 'Cut from 2 of 5.20 m, and no way needs fewer.'),
    },
  ],
};
