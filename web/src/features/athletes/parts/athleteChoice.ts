import type { Athlete } from '../../../api/athletes';

/** Whom the list shows: everybody, or those of whom something is to be seen to. */
export type Shown = 'all' | 'rope' | 'caution' | 'missed';
export type Order = 'name' | 'height' | 'stage';

export interface Choice {
  text: string;
  /** '': every stage. */
  stage: string;
  shown: Shown;
  order: Order;
}

export const EVERYBODY: Choice = { text: '', stage: '', shown: 'all', order: 'name' };

const shows: Record<Shown, (athlete: Athlete) => boolean> = {
  all: () => true,
  rope: ({ rope, ropeVerdict }) => rope === null || ropeVerdict.next !== 'keep',
  caution: ({ cautions, allowance }) => cautions.length > 0 || allowance.jumping !== 'all',
  missed: ({ missed }) => missed,
};

const orders: Record<Order, (a: Athlete, b: Athlete) => number> = {
  name: (a, b) => a.name.localeCompare(b.name),
  height: (a, b) => a.statureM - b.statureM,
  stage: (a, b) => a.stageNumber - b.stageNumber,
};

/** Letters without their accents: whoever types "lucia" means Lucía. */
const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

export function chosen(athletes: readonly Athlete[], { text, stage, shown, order }: Choice): Athlete[] {
  return athletes
    .filter((athlete) => plain(athlete.name).includes(plain(text.trim())))
    .filter((athlete) => stage === '' || athlete.stage === stage)
    .filter(shows[shown])
    .sort((a, b) => orders[order](a, b) || orders.name(a, b));
}
