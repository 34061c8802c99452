import { PartsNav } from '../page/PartsNav';

/** What there is of one athlete. */
export function PathNav({ athleteId }: { athleteId: string }) {
  return (
    <PartsNav
      label="The athlete"
      parts={[
        { path: `/athletes/${athleteId}`, name: 'Today' },
        { path: `/athletes/${athleteId}/path`, name: 'Path' },
        { path: `/athletes/${athleteId}/practice`, name: 'Practice' },
        { path: `/athletes/${athleteId}/weeks`, name: 'Four weeks' },
        { path: `/athletes/${athleteId}/routine`, name: 'Routine' },
        { path: `/athletes/${athleteId}/story`, name: 'Story' },
        { path: `/athletes/${athleteId}/card`, name: 'Own card' },
      ]}
    />
  );
}
