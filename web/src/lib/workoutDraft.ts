import { useState } from 'react';

/** Until somebody writes another one. */
export const USUAL_WORKOUT = '5 rounds: 50 doubles, run 2:00; cap 20:00';

/** The workout on the desk: the same on each of its pages, and kept on the device. */
export function useWorkoutDraft(): [string, (text: string) => void] {
  return useOnTheDesk('zumbo-workout', USUAL_WORKOUT);
}

/** What a miss and a break cost, and what matters: a card says what the table says. */
export function useCostsDraft<Costs extends object>(usual: Costs): [Costs, (costs: Costs) => void] {
  const [kept, keep] = useOnTheDesk('zumbo-workout-costs', '{}');
  return [{ ...usual, ...(JSON.parse(kept) as Partial<Costs>) }, (costs) => keep(JSON.stringify(costs))];
}

function useOnTheDesk(key: string, usual: string): [string, (text: string) => void] {
  const [text, setText] = useState(() => localStorage.getItem(key) ?? usual);
  return [
    text,
    (next) => {
      localStorage.setItem(key, next);
      setText(next);
    },
  ];
}
