import { Button } from 'antd';
import { Link } from 'react-router';
import type { Diagnosis, Noted } from '../../../api/faults';

interface Props {
  athleteId: string;
  check: Diagnosis['check'];
  /** It was looked at, and is right. */
  onChecked: (what: Partial<Noted>) => void;
}

/** What to look at on the rope, and the touch that says it is right. */
export function CheckFirst({ athleteId, check, onChecked }: Props) {
  if (check === null) {
    return null;
  }
  const what = answers[check.code.replace('then_', '')];
  return (
    <div role="note" style={{ marginBottom: 10 }}>
      <Link to={`/ropes/${athleteId}`}>{check.sentence}</Link>{' '}
      {what !== undefined && (
        <Button size="large" style={{ display: 'block', marginTop: 6 }} onClick={() => onChecked(what)}>
          Checked: it is right
        </Button>
      )}
    </div>
  );
}

const answers: Record<string, Partial<Noted>> = {
  'check.length': { ropeChecked: true },
  'check.condition': { ropeInspected: true },
};
