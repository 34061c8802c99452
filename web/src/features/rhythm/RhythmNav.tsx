import { PartsNav } from '../../design/page/PartsNav';

const parts = [
  { path: '/rhythm', name: 'Beat' },
  { path: '/rhythm/listen', name: 'Listen' },
  { path: '/rhythm/sensor', name: 'Sensor' },
  { path: '/rhythm/explorer', name: 'Jump or wrist' },
  { path: '/rhythm/frames', name: 'Frames' },
];

export function RhythmNav() {
  return <PartsNav label="Rhythm" parts={parts} />;
}
