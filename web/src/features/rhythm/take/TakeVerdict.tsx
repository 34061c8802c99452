import type { ReactNode } from 'react';
import type { TakeReport } from '../../../api/rhythm';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { WhatIsBehind } from '../../../design/cue/WhatIsBehind';

/** What a take says: what was done, the one thing to change, then the numbers. */
export function TakeVerdict({ take, children }: { take: TakeReport; children?: ReactNode }) {
  return (
    <Card strong label="What it says">
      <h2>{take.counts.sentence}</h2>
      <p>{take.verdict.sentence}</p>
      {take.pause !== null && <p>{take.pause.sentence}</p>}
      <Facts
        facts={[
          { name: 'Jumps, turns', value: `${take.jumps}, ${take.turns}` },
          {
            name: 'Jumps a minute',
            value: take.cadencePerMin === null ? '–' : take.cadencePerMin.toFixed(0),
          },
          {
            name: 'Evenness',
            value:
              take.variation === null
                ? '–'
                : `${(100 * take.variation).toFixed(1)} %, ${take.evenness ?? ''}`,
          },
          { name: 'Misses, double bounces', value: `${take.misses}, ${take.doubleBounces}` },
          { name: 'Longest streak', value: take.longestStreak },
          { name: 'Pattern broke at', value: take.firstBroken ?? '–' },
        ]}
      />
      <WhatIsBehind observed={take.observed} />
      {children}
    </Card>
  );
}
