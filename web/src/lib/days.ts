/** "23 Nov", of a day like 2026-11-23. */
export function dayText(day: string): string {
  return atNoon(day).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
}

/** "Monday", of a day like 2026-11-23. */
export function weekdayText(day: string): string {
  return atNoon(day).toLocaleDateString('en-GB', { weekday: 'long' });
}

/** At noon no zone makes another day of it. */
function atNoon(day: string): Date {
  return new Date(`${day}T12:00:00`);
}
