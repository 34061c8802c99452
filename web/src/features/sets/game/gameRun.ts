import type { ReactNode } from 'react';
import type { Athlete } from '../../../api/athletes';
import { startClock } from '../../../lib/setClock';
import type { StepsRun } from '../../../lib/setRun';

export interface GameProps {
  athlete: Athlete;
  first: string;
  head: ReactNode;
}

/** A game as it will be run step by step, its clock started now. */
export function stepsRun(
  athlete: Athlete,
  name: string,
  game: { code: string; countKind: string },
  title: string,
  steps: StepsRun['steps'],
): StepsRun {
  return {
    kind: 'steps',
    athleteId: athlete.id,
    name,
    code: game.code,
    title,
    countKind: game.countKind === 'hold' ? 'hold' : 'streak',
    clock: startClock(Date.now()),
    steps,
    done: 0,
    endedAtS: null,
  };
}
