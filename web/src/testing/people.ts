import type { Athlete } from '../api/athletes';
import type { Attempt, ClassAthlete, Drill, Today, Tonight } from '../api/classHour';
import type { Sizing } from '../api/ropes';
import type { Me } from '../api/session';

export const maren: Me = {
  coach: { id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073980', name: 'Maren Quill', role: 'owner' },
  gym: {
    id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073981',
    name: 'Saltmarsh Barbell',
    timeZone: 'Europe/London',
    unit: 'cm',
  },
};

export const helper: Me = { ...maren, coach: { id: 'h', name: 'Jory Penhale', role: 'helper' } };

export const ilse: Athlete = {
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c07398f',
  name: 'Ilse Tannow',
  statureM: 1.68,
  dominantHand: 'right',
  experience: 'singles',
  stage: 'mix',
  stageNumber: 7,
  birthYear: 1992,
  cautions: [],
  cautionNote: '',
  rope: {
    id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073990',
    cableLengthM: 2.44,
    family: 'medium-cord',
    byHand: false,
  },
  removed: false,
  version: 3,
};

export const tomasz: Athlete = {
  ...ilse,
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073991',
  name: 'Tomasz Wierzba',
  rope: null,
  cautions: [{ code: 'heart', stopsJumping: false, sentence: 'Heart condition: ask a doctor first.' }],
};

const arc = {
  handSpanM: 0.9,
  depthM: 1.08,
  points: [
    { xM: -0.45, yM: 0 },
    { xM: 0, yM: 1.08 },
    { xM: 0.45, yM: 0 },
  ],
};

const sentence = (code: string, text: string) => ({ code, sentence: text });

export const sizing: Sizing = {
  athleteId: ilse.id,
  recommended: 'armpit',
  chosen: 'armpit',
  schools: [
    {
      school: 'height',
      schoolName: 'rule of height',
      reading: 'overall',
      readingName: 'overall length',
      stance: 'two-feet',
      stanceName: 'both feet',
      cableLengthM: 2.29,
      overallLengthM: 2.59,
      cutLengthM: 2.43,
      uncertaintyM: 0.01,
      reachM: null,
      spareArcM: 0.076,
    },
    {
      school: 'armpit',
      schoolName: 'armpit',
      reading: 'handle-end',
      readingName: 'handle ends',
      stance: 'two-feet',
      stanceName: 'both feet',
      cableLengthM: 2.44,
      overallLengthM: 2.74,
      cutLengthM: 2.58,
      uncertaintyM: 0.07,
      reachM: 1.28,
      spareArcM: 0.156,
    },
  ],
  spreadM: 0.15,
  reasons: [sentence('rope.by_landmark', 'Because of the armpit.')],
  cable: {
    family: 'medium-cord',
    name: 'Medium cord',
    diameterM: 0.004,
    pullN: 1.9,
    reasons: [sentence('cable.approaching', 'Still felt.')],
  },
  figure: {
    statureM: 1.68,
    shoulderM: 1.374,
    hipM: 0.89,
    kneeM: 0.479,
    shoulderBreadthM: 0.435,
    handHeightM: 0.924,
  },
  turning: {
    cableLengthM: 2.44,
    arc,
    wideArc: { ...arc, handSpanM: 1.1, depthM: 1.03 },
    eachHandOutM: 0.1,
    riseM: 0.05,
    floorClearanceM: -0.156,
    headClearanceM: 0.32,
    ceilingM: 2.25,
    draggingM: 0.52,
    headline: sentence('arc.headline_spare', '244 cm of cable leaves 16 cm of spare arc'),
    overHead: sentence('arc.over_head', '32 cm over the head'),
    atFloor: sentence('arc.drags', 'hands in: 16 cm of spare arc'),
    wideHands: sentence('arc.wide_hands', 'each hand 10 cm wider: 5 cm of arc are gone'),
    ceiling: sentence('arc.ceiling', 'needs a ceiling of 225 cm'),
  },
  handleLengthM: 0.15,
  reach: sentence('rope.reach', 'The handle ends must reach the armpit.'),
};

export const drill: Drill = {
  code: 'rungs',
  title: 'Rungs of doubles',
  text: '2 doubles, 1 single',
  notation: '2d s',
  cadencePerMin: 104,
  measure: 'streak',
  aim: 9,
  dose: '3 × 9 unbroken',
  cue: 'land ready',
  why: 'a reason',
  beats: [
    { kind: 'd', atS: 0, turnsS: [0.2, 0.4], endS: 0.6 },
    { kind: 'd', atS: 0.6, turnsS: [0.8, 1], endS: 1.2 },
    { kind: 's', atS: 1.2, turnsS: [1.5], endS: 1.8 },
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
  drill,
  reason: sentence('set.in_turn', 'Drill 1 of 3 at this stage.'),
  others: [],
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
  stageNumber: 8,
  ropeM: 2.44,
  drill,
  outlook: sentence('gate.in_ten_streak', 'Reaches 20 about 6 times in 10'),
  caution: false,
  stop: false,
  entriesToday: 1,
  needsLook: false,
};

export const tonight: Tonight = {
  title: sentence('class.running', '2 athletes tonight, 1 logged'),
  day: '2026-11-24',
  className: 'Evening class',
  athletes: [
    onThePlan,
    {
      ...onThePlan,
      id: tomasz.id,
      tag: 't',
      firstName: 'Tomasz',
      stageNumber: 1,
      ropeM: null,
      stop: true,
      caution: true,
    },
  ],
  justNow: [attempt],
  revision: 7,
};
