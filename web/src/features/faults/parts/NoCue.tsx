import { Link } from 'react-router';
import type { Diagnosis, Noted } from '../../../api/faults';
import { Card } from '../../../design/page/Card';
import { CheckFirst } from './CheckFirst';

interface Props {
  athleteId: string;
  found: Diagnosis;
  onChecked: (what: Partial<Noted>) => void;
}

/** The load or the rope comes first, or it is enough for today: what to do, and no cue. */
export function NoCue({ athleteId, found, onChecked }: Props) {
  const way = ways[found.action];
  return (
    <Card strong label={way?.label ?? 'No cue'}>
      <p>
        <strong>{found.advice.sentence}</strong>
      </p>
      {found.action === 'change-rope' && found.check === null && (
        <p role="note">{found.rope.reasons[0]?.sentence}</p>
      )}
      <CheckFirst athleteId={athleteId} check={found.check} onChecked={onChecked} />
      {way !== undefined && (
        <p>
          <Link to={way.to(athleteId)}>{way.word}</Link>
        </p>
      )}
    </Card>
  );
}

const ways: Partial<
  Record<Diagnosis['action'], { label: string; word: string; to: (id: string) => string }>
> = {
  'change-load': {
    label: 'The load first',
    word: 'Plan the sets and breaks in Pacing',
    to: (id) => `/pacing?athlete=${id}`,
  },
  'change-rope': { label: 'The rope first', word: 'Check and mend the rope', to: (id) => `/ropes/${id}` },
  'stop-today': {
    label: 'Enough for today',
    word: 'End the jumping for today',
    to: (id) => `/athletes/${id}`,
  },
};
