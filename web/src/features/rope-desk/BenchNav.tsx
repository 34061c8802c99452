import { PartsNav } from '../../design/page/PartsNav';

const steps = [
  { path: '', name: 'Size' },
  { path: '/cable', name: 'Cable' },
  { path: '/check', name: 'Check' },
  { path: '/trim', name: 'Trim' },
  { path: '/card', name: 'Card' },
];

/** The five things that are done with one athlete's rope. */
export function BenchNav({ athleteId }: { athleteId: string }) {
  const parts = steps.map((step) => ({ path: `/ropes/${athleteId}${step.path}`, name: step.name }));
  return <PartsNav label="Rope bench" parts={parts} />;
}
