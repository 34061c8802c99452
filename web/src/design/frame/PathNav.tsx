import { PartsNav } from '../page/PartsNav';

/** What there is of one athlete. */
export function PathNav({ athleteId }: { athleteId: string }) {
  return (
    <PartsNav
      label="The athlete"
      parts={[
        { path: `/athletes/${athleteId}`, name: 'Today' },
        { path: `/athletes/${athleteId}/path`, name: 'Path' },
      ]}
    />
  );
}
