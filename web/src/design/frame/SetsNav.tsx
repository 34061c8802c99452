import { PartsNav } from '../page/PartsNav';

const PARTS = [
  { path: '/sets', name: 'Ladders and intervals' },
  { path: '/sets/games', name: 'Games' },
  { path: '/sets/drills', name: 'Drills' },
];

/** The parts of Sets. */
export function SetsNav() {
  return <PartsNav label="Sets" parts={PARTS} />;
}
