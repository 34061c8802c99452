import type { Ladder } from '../../../api/sets';
import { Card } from '../../../design/Card';
import { Facts } from '../../../design/Facts';
import { formatDuration } from '../../../lib/duration';

/** What the whole ladder asks. */
export function LadderTotals({ ladder }: { ladder: Ladder }) {
  return (
    <Card strong label="The whole ladder">
      <h2>The whole ladder</h2>
      <Facts
        facts={[
          { name: 'Jumps · turns', value: `${ladder.jumps} · ${ladder.turns}` },
          { name: 'Contacts, without misses', value: ladder.contacts },
          { name: 'Without a miss', value: formatDuration(ladder.cleanS) },
          { name: 'To be expected', value: formatDuration(ladder.expectedS) },
          { name: 'Misses to be expected', value: Math.round(ladder.misses) },
        ]}
      />
      <p>{ladder.source.sentence}</p>
    </Card>
  );
}
