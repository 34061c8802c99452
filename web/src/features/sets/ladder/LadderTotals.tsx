import type { ReactNode } from 'react';
import type { Ladder } from '../../../api/sets';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { formatDuration } from '../../../lib/duration';
import { hundredths } from './Stair';

/** What the whole ladder asks. */
export function LadderTotals({ ladder, children }: { ladder: Ladder; children: ReactNode }) {
  return (
    <Card strong label="The whole ladder">
      <h2>The whole ladder</h2>
      <Facts
        facts={[
          { name: 'Jumps · turns', value: `${ladder.jumps} · ${ladder.turns}` },
          ...(ladder.exitJumps > 0 ? [{ name: 'Calm singles beside', value: ladder.exitJumps }] : []),
          {
            name: 'Goes to be expected',
            value: ladder.tries > MOST_SHOWN ? 'very many' : Math.round(ladder.tries),
          },
          { name: 'All at first go', value: hundredths(ladder.chanceOfAll) },
          { name: 'Contacts, repeats included', value: ladder.contacts.toLocaleString('en-GB') },
          { name: 'Without a miss', value: formatDuration(ladder.cleanS) },
          { name: 'Expected time', value: expected(ladder.expectedS) },
          {
            name: 'Expected misses',
            value: ladder.misses > MOST_SHOWN ? 'very many' : Math.round(ladder.misses),
          },
        ]}
      />
      <p>{ladder.source.sentence}</p>
      {ladder.inReach && <p>{ladder.load.sentence}</p>}
      {children}
    </Card>
  );
}

/** Beyond an hour or a hundred misses the number says only one thing: not like this. */
const MOST_SHOWN = 100;
const MOST_S = 3600;

function expected(seconds: number): string {
  return seconds > MOST_S ? 'over an hour' : formatDuration(seconds);
}
