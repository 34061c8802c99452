import { PartsNav } from '../../design/page/PartsNav';

const parts = [
  { path: '/ropes', name: 'Athletes’ ropes' },
  { path: '/ropes/rack', name: 'Rack' },
  { path: '/ropes/orders', name: 'Order list' },
  { path: '/ropes/cut', name: 'Cut list' },
  { path: '/ropes/shared', name: 'Ropes for two' },
  { path: '/ropes/strip', name: 'Height strip' },
];

/** The parts of the rope desk that are about everybody. */
export function RopesNav() {
  return <PartsNav label="Rope desk" parts={parts} />;
}
