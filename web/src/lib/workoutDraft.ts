import { useState } from 'react';

const KEY = 'zumbo-workout';

/** Until somebody writes another one. */
export const USUAL_WORKOUT = '5 rounds: 50 doubles, run 2:00; cap 20:00';

/** The workout on the desk: the same on each of its pages, and kept on the device. */
export function useWorkoutDraft(): [string, (text: string) => void] {
  const [text, setText] = useState(() => localStorage.getItem(KEY) ?? USUAL_WORKOUT);
  return [
    text,
    (next) => {
      localStorage.setItem(KEY, next);
      setText(next);
    },
  ];
}
