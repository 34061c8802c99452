import type { ClassClock, Programme } from '../api/classClock';
import { drill } from './tonight';

export const programme = (title: string, part: Partial<Programme> = {}): Programme => ({
  title,
  text: '20/10 x2: tall singles',
  keepLastRest: false,
  phases: [
    { kind: 'work', seconds: 20, round: 1, station: 'tall singles', contacts: 34 },
    { kind: 'rest', seconds: 10, round: 1, station: 'tall singles', contacts: 0 },
    { kind: 'work', seconds: 20, round: 2, station: 'tall singles', contacts: 34 },
  ],
  strips: [
    {
      name: 'tall singles',
      seconds: 20,
      beats: drill.beats,
      text: '6 tall singles',
      contactsPerMinute: 103,
      contacts: 34,
      targetS: null,
    },
  ],
  people: [{ firstName: 'Ilse', id: 'i' }],
  totalS: 50,
  ...part,
});

/** It began 25 s ago, by the server's clock. */
export const clockAt = (nowMs: number, part: Partial<ClassClock> = {}): ClassClock => ({
  id: '01934f2e-7a4c-7cc0-98c4-dc0c0c073999',
  version: 1,
  startMs: nowMs - 25_000,
  pausedAtMs: null,
  programmes: [programme('Ladders')],
  movedBy: 'Maren Quill',
  link: 'gym.clock.secret',
  nowMs,
  ended: false,
  ...part,
});
