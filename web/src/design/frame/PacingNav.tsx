import { PartsNav } from '../page/PartsNav';

const PARTS = [
  { path: '/pacing', name: 'Workout' },
  { path: '/pacing/class', name: 'Class table' },
  { path: '/pacing/rehearsal', name: 'Rehearsal' },
  { path: '/pacing/cards', name: 'Cards' },
];

/** The parts of Pacing. */
export function PacingNav() {
  return <PartsNav label="Pacing" parts={PARTS} />;
}
