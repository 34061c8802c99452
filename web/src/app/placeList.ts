/** The places of Zumbo, in the coach's working order. */
export const places = [
  { path: '/class', name: 'Class' },
  { path: '/athletes', name: 'Athletes' },
  { path: '/ropes', name: 'Ropes' },
  { path: '/rhythm', name: 'Rhythm' },
  { path: '/sets', name: 'Sets' },
  { path: '/pacing', name: 'Pacing' },
  { path: '/faults', name: 'Faults' },
  { path: '/log', name: 'Log' },
] as const;
