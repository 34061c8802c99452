import type { OwnCard } from '../../../api/ownCard';
import { Card } from '../../../design/page/Card';
import { keptAt } from './keptAt';

/** The card is of another day: its set is not tonight's, and what is allowed may have changed. */
export function NoSetHere({ card }: { card: OwnCard }) {
  return (
    <Card strong label="Tonight">
      <p>
        This card was read {keptAt(card)}, and a set holds for its day. Tonight’s comes with the network.
        Until then: hands and beat without jumps, or what your coach told you.
      </p>
    </Card>
  );
}
