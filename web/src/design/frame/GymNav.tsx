import { PartsNav } from '../page/PartsNav';

const PARTS = [
  { path: '/gym/settings', name: 'Settings' },
  { path: '/gym/teaching', name: 'How you teach' },
  { path: '/gym/people', name: 'People' },
  { path: '/gym/changes', name: 'Changes' },
  { path: '/gym/files', name: 'Files' },
  { path: '/gym/you', name: 'Your sign-in' },
  { path: '/gym/help', name: 'Help' },
];

/** What lies behind the gym's name. */
export function GymNav() {
  return <PartsNav label="The gym" parts={PARTS} />;
}
