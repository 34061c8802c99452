import type { OwnCard } from '../../../api/ownCard';
import { AttemptPad } from '../../../design/log/AttemptPad';
import { Card } from '../../../design/page/Card';
import type { Entry } from '../../../lib/logLine';

interface Props {
  drill: NonNullable<OwnCard['drill']>;
  /** Says what is counted: it is not the set of tonight. */
  named: boolean;
  onLog: (entry: Entry) => void;
}

/** The big counter: counted by the athlete, and marked so. */
export function CardCounter({ drill, named, onLog }: Props) {
  return (
    <Card strong label="Count it yourself">
      <h2>{named ? `Count ${drill.title.toLowerCase()}` : 'Count it yourself'}</h2>
      <AttemptPad key={drill.code} countKind={drill.countKind} aim={drill.aim} onLog={onLog} />
    </Card>
  );
}
