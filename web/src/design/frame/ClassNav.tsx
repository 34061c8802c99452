import { PartsNav } from '../page/PartsNav';

const PARTS = [
  { path: '/class', name: 'Tonight' },
  { path: '/class/plan', name: 'Plan' },
  { path: '/class/weeks', name: 'Four weeks' },
  { path: '/class/clock', name: 'Clock' },
  { path: '/class/after', name: 'After' },
];

/** The parts of Class. */
export function ClassNav() {
  return <PartsNav label="Class" parts={PARTS} />;
}
