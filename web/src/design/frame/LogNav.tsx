import { PartsNav } from '../page/PartsNav';

const PARTS = [
  { path: '/log', name: 'Sending' },
  { path: '/log/entries', name: 'Entries' },
];

/** The parts of the Log. */
export function LogNav() {
  return <PartsNav label="Log" parts={PARTS} />;
}
