import type { Plan } from '../api/practice';
import type { AthleteWeeks, ClassWeeks, PlannedWeek } from '../api/weeks';

const why = (sentence: string) => ({ code: 'plan.why', sentence });

const group = {
  code: 'fifty-calm',
  title: 'Fifty calm singles',
  athletes: ['i', 'f'],
  names: ['Ilse', 'Femi'],
  dose: '3 sets of 30 in a row',
  text: '50 singles',
  beats: [{ kind: 'single', atS: 0, turnsS: [0.3], endS: 0.55, footwork: null }],
  cue: 'elbows on your ribs',
  rule: 'turn',
  whys: [{ why: why('In turn for the gate of Singles'), names: ['Ilse', 'Femi'] }],
  items: [],
  leftOut: [{ code: 'hundred', title: 'A hundred singles', why: 'done last time' }],
  easier: 'ten-in-a-row',
  easierTitle: 'Ten in a row',
  harder: null,
  harderTitle: null,
} as const;

/** Two people, two parts. */
export const plan: Plan = {
  id: null,
  version: 0,
  day: '2026-11-24',
  title: why('20 minutes for 2 people: one thing to show'),
  minutes: 20,
  hardFloor: false,
  seed: 1,
  things: [{ thing: 'mat', title: 'Mats', count: 6 }],
  parts: [
    {
      part: 'warm-up',
      title: 'Warm-up',
      seconds: 240,
      set: false,
      groups: [
        {
          ...group,
          athletes: [...group.athletes],
          names: [...group.names],
          beats: [],
          code: 'warm-up',
          title: 'Warm-up',
          rule: 'warm-up',
          whys: [{ why: why('Warm-up first'), names: ['Ilse', 'Femi'] }],
          items: [{ title: 'Heel walks', seconds: 240 }],
          leftOut: [],
          easier: null,
          easierTitle: null,
        },
      ],
    },
    {
      part: 'main',
      title: 'Main set',
      seconds: 960,
      set: true,
      groups: [structuredClone(group) as unknown as Plan['parts'][number]['groups'][number]],
    },
  ],
  people: [
    { id: 'i', firstName: 'Ilse', contacts: 90, contactsLeft: 300, notes: [], stopAt: null },
    {
      id: 'f',
      firstName: 'Femi',
      contacts: 0,
      contactsLeft: 0,
      notes: [why('No jumps today: hands, beat and claps instead')],
      stopAt: null,
    },
  ],
  notes: [],
  habits: [],
  programmes: [
    { title: 'Fifty calm singles', text: '240: Warm-up; 960: Fifty calm singles', athletes: ['i', 'f'] },
  ],
  gapPercent: 0,
  canUndo: false,
  changedBy: '',
  revision: 3,
};

const week = (monday: string, easier = false): PlannedWeek => ({
  monday,
  contactsMost: 500,
  easier,
  why: why(easier ? 'An easier week' : 'A tenth more'),
  days: [
    { on: monday, weekday: 1, kind: 'home-no-jump', minutes: 5, contacts: 0 },
    { on: monday, weekday: 2, kind: 'class', minutes: 20, contacts: 400 },
  ],
});

export const classWeeks: ClassWeeks = {
  title: why('Four weeks from 23 November for 1 athlete, for you to accept'),
  from: '2026-11-23',
  rows: [
    {
      athleteId: 'i',
      name: 'Ilse Tannow',
      stage: 'mix',
      stageName: 'Mix',
      weeks: [week('2026-11-23'), week('2026-11-30'), week('2026-12-07'), week('2026-12-14', true)],
      rope: null,
      changes: [],
      acceptedBy: null,
      acceptedAt: null,
    },
  ],
  revision: 3,
};

const [row] = classWeeks.rows;

export const athleteWeeks: AthleteWeeks = {
  title: why('Four weeks from 23 November: 1 day with jumps'),
  from: '2026-11-23',
  row: row as AthleteWeeks['row'],
  acceptedWeeks: [],
  acceptedFrom: null,
  perWeek: 2,
  forecast: why('At 2 practices a week it can’t be known yet'),
  homework: null,
  revision: 3,
};
