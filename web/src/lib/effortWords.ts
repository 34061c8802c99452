/** How long a session usually is, in minutes: a class with its warm-up. */
export const USUAL_SESSION_MIN = 60;

/** "7 of 10 for 60 minutes": how hard a session felt, wherever it is told. */
export function sayEffort({ effort, minutes }: { effort: number; minutes: number }): string {
  return `${String(effort)} of 10 for ${String(minutes)} minutes`;
}
