import type { AthleteStory, ClassStory } from '../api/story';
import { ilse } from './people';

const said = (code: string, sentence: string) => ({ code, sentence });

/** Four months of somebody who came on. */
export const story: AthleteStory = {
  athleteId: ilse.id,
  on: '2026-11-24',
  doubles: true,
  told: [
    said('story.told', 'Since 3 August 2026: one stage on, pain noted once.'),
    said('story.longest', 'The longest go of doubles at Link went from 6 to 24.'),
  ],
  sessions: [
    { day: '2026-08-03', stage: 'mix', stageName: 'Mix', best: 5, doubles: false, reps: 40, misses: 6 },
    { day: '2026-10-03', stage: 'link', stageName: 'Link', best: 6, doubles: true, reps: 50, misses: 8 },
    { day: '2026-11-20', stage: 'link', stageName: 'Link', best: 24, doubles: true, reps: 90, misses: 5 },
  ],
  events: [
    { day: '2026-10-03', kind: 'stage', text: 'On to Link' },
    { day: '2026-10-12', kind: 'pain', text: 'Pain, shin, 4 of 10' },
  ],
  curves: [
    { weeksAgo: 0, goes: 12, points: [{ reps: 7, share: 0.75, low: 0.4, high: 0.9 }] },
    { weeksAgo: 12, goes: 9, points: [{ reps: 4, share: 0.3, low: 0.1, high: 0.6 }] },
  ],
  curvesSaid: said('story.curve_open', 'Of ten goes of doubles about 8 reach 20; 12 weeks ago 3 did.'),
  weeks: [
    { from: '2026-11-16', contacts: 300, most: 400, over: false },
    { from: '2026-11-23', contacts: 500, most: 330, over: true },
  ],
  weeksSaid: said(
    'story.load_over',
    'This week 500 contacts: more than the 330 that the weeks before allow.',
  ),
  beats: [
    { day: '2026-11-10', cadence: 96.2, asked: 100, variation: 0.062, line: -3.1, evenLine: 0.06 },
    { day: '2026-11-20', cadence: 104, asked: 100, variation: 0.03, line: 3.2, evenLine: 0.031 },
  ],
  beatsSaid: [said('story.beat_now', 'The beat of doubles lately: about 104 jumps a minute.')],
  effortWeeks: [
    { from: '2026-11-16', load: 270, most: null, over: false },
    { from: '2026-11-23', load: 540, most: 297, over: true },
  ],
  effortSaid: said('story.effort_over', 'Effort times minutes this week: 540, more than 297.'),
  efforts: [
    {
      id: '01912d4e-0000-7000-8000-00000000ef01',
      day: '2026-11-24',
      effort: 9,
      minutes: 60,
      saidBy: 'Maren',
      selfReported: false,
      removed: false,
      version: 1,
    },
  ],
  records: [{ stage: 'link', stageName: 'Link', what: 'doubles', best: 24, day: '2026-11-20' }],
  recordsSaid: said('story.records', 'The best go: 24 doubles on 20 November 2026.'),
  cues: [{ cue: 'elbows on your ribs', goes: 5, better: 3 }],
  cuesSaid: said('story.cues', '“elbows on your ribs” helped most often: better in 3 of 5 goes.'),
  forecasts: [],
  forecastsSaid: said('story.forecasts_none', 'No paced workout was done to its end yet.'),
  revision: 7,
};

const row: ClassStory['rows'][number] = {
  id: ilse.id,
  name: 'Ilse Tannow',
  stage: 'link',
  stageName: 'Link',
  place: 8,
  placeBefore: 7,
  moving: 'stuck',
  movingName: 'stuck',
  since: '2026-10-03',
  practices: 9,
  chance: 0.31,
  chanceBefore: 0.28,
  rope: 'trim',
  contacts: 500,
  most: 330,
  over: true,
  daysAway: 1,
};

export const classStory: ClassStory = {
  told: said('story.gym', 'Nobody of 2 athletes moves on, one is stuck.'),
  on: '2026-11-24',
  rows: [
    row,
    {
      ...row,
      id: 'b',
      name: 'Bram Oosterveel',
      moving: 'open',
      movingName: 'no telling yet',
      rope: null,
      over: false,
    },
  ],
  helps: [{ cue: 'quiet feet', goes: 20, better: 14, share: 0.66, low: 0.5, high: 0.8, standsOut: true }],
  drills: [
    { cue: 'Tall, then a double', goes: 22, better: 16, share: 0.68, low: 0.5, high: 0.8, standsOut: true },
  ],
  drillsSaid: said('story.drills', 'After “Tall, then a double” the next evening misses less.'),
  helpsSaid: said('story.helps', '“quiet feet” helps more often than the others.'),
  revision: 7,
};
