import { PartsNav } from '../page/PartsNav';

const PARTS = [
  { path: '/log', name: 'Sending' },
  { path: '/log/entries', name: 'Entries' },
  { path: '/log/class', name: 'Class over time' },
  { path: '/log/questions', name: 'Questions' },
];

/** The parts of the Log. */
export function LogNav() {
  return <PartsNav label="Log" parts={PARTS} />;
}
