import { Workbench } from '../../design/Workbench';
import { Empty } from '../../design/StateNote';

const promises = {
  rhythm: 'The beat will be here: a metronome, tapping along, and a count of singles and doubles by ear.',
  faults: 'Signs seen, heard or felt will lead from here to one cause, one cue and one drill.',
} as const;

const titles = {
  rhythm: 'The beat is not built yet',
  faults: 'Fault finding is not built yet',
} as const;

export type Coming = keyof typeof promises;

/** A place that has its name and its promise, and no dead buttons. */
export function ComingPlace({ place }: { place: Coming }) {
  return (
    <Workbench title={titles[place]}>
      <Empty>{promises[place]}</Empty>
    </Workbench>
  );
}
