import type { Athlete } from '../../../api/athletes';
import type { Ladder, LadderWish } from '../../../api/sets';
import { startClock } from '../../../lib/setClock';
import type { LadderRun } from '../../../lib/setRun';
import { families } from './LadderForm';

/** The ladder as it will be run, its clock started now. */
export function ladderRunOf(athlete: Athlete, name: string, wish: LadderWish, ladder: Ladder): LadderRun {
  const rungs = ladder.rungs.map(({ text, notation, reps, beats }) => ({ text, notation, reps, beats }));
  return {
    kind: 'ladder',
    athleteId: athlete.id,
    name,
    code: ladder.code,
    title: titleOfLadder(wish),
    countKind: ladder.countKind === 'tries' ? 'tries' : 'streak',
    clock: startClock(Date.now()),
    rungs: Array.from({ length: ladder.times }, () => rungs).flat(),
    missRule: ladder.missRule,
    perPass: rungs.length,
    breakS: ladder.breakS,
    marks: [],
  };
}

export function titleOfLadder(wish: LadderWish): string {
  const shape = families.find((family) => family.value === wish.family)?.label.split(':')[0] ?? '';
  return `${shape} to ${wish.top}`;
}
