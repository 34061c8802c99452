import type { OwnCard } from '../api/ownCard';
import { mayJump, rightRope } from './people';

/** Today as the device has it. */
function today(): string {
  const now = new Date();
  return [now.getFullYear(), now.getMonth() + 1, now.getDate()]
    .map((part) => String(part).padStart(2, '0'))
    .join('-');
}

/** An athlete's card on an evening with jumps. */
export function ownCard(with_: Partial<OwnCard> = {}): OwnCard {
  return {
    firstName: 'Kelda',
    gym: 'Some gym',
    holder: 'athlete',
    minor: false,
    unit: 'cm',
    on: today(),
    readAt: new Date().toISOString(),
    expiresAt: '2099-01-01T00:00:00Z',
    rope: {
      cableM: 2.52,
      since: '2026-11-12',
      verdict: {
        ...rightRope,
        reasons: [{ code: 'verdict.right', sentence: 'Right: 252 cm, as long as it should be.' }],
      },
    },
    allowance: mayJump,
    drill: {
      code: 'fifty-calm',
      title: 'Fifty calm singles',
      text: '50 singles',
      notation: '50s',
      cadencePerMin: 120,
      countKind: 'streak',
      aim: 50,
      dose: '3 × 50',
      cue: 'quiet feet',
      why: 'calm first',
      beats: [{ kind: 's', atS: 0, turnsS: [0.2], endS: 0.5, footwork: null }],
    },
    silent: false,
    tonight: {
      on: today(),
      kind: 'home',
      minutes: 5,
      contacts: 150,
      blocks: [
        {
          title: 'Warm-up',
          seconds: 60,
          sets: 1,
          aim: 1,
          cue: '',
          text: '',
          beats: [],
          items: ['heel walks'],
          why: { code: 'plan.warm_up', sentence: 'warm first' },
        },
        {
          title: 'Fifty calm singles',
          seconds: 240,
          sets: 3,
          aim: 50,
          cue: 'quiet feet',
          text: '50 singles',
          beats: [{ kind: 's', atS: 0, turnsS: [0.2], endS: 0.5, footwork: null }],
          items: [],
          why: { code: 'plan.turn', sentence: 'in turn' },
        },
      ],
    },
    planned: null,
    gate: { code: 'gate.reaches', sentence: 'Reaches 100 about 2 times in 10' },
    counted: [],
    effort: null,
    flags: [],
    places: [{ code: 'shin', name: 'shin' }],
    signs: [{ code: 'dizziness', name: 'dizziness' }],
    ...with_,
  };
}

/** One that allows no jump. */
export function restingCard(sentence: string, jumping: OwnCard['allowance']['jumping'] = 'no-jump'): OwnCard {
  const card = ownCard();
  return {
    ...card,
    drill: null,
    gate: null,
    allowance: {
      ...card.allowance,
      jumping,
      contactsLeftToday: 0,
      reasons: [{ code: 'load.rest_day', sentence }],
    },
    tonight: { ...card.tonight, kind: 'home-no-jump', contacts: 0, blocks: card.tonight.blocks.slice(0, 1) },
  };
}
