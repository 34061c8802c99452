import { Link } from 'react-router';
import { useTonightsRopes } from '../../../api/rack';
import { Card } from '../../../design/page/Card';

/** The rack in a few words, and the way there. */
export function RackToday() {
  const tonight = useTonightsRopes().data;
  if (tonight === undefined) {
    return null;
  }
  const { given, served, handedOut } = tonight;
  return (
    <Card label="From the rack tonight">
      <h2>From the rack tonight</h2>
      {given.length === 0 ? (
        <p>Everybody has a sound rope of their own.</p>
      ) : (
        <p>
          {given.map((one) => `${one.firstName} ${one.tag === null ? 'none fits' : one.tag}`).join(' · ')}
          {served < given.length && ` (${given.length - served} without)`}
          {handedOut && ', handed out'}
        </p>
      )}
      <Link to="/ropes/rack" className="touch">
        To the rack
      </Link>
    </Card>
  );
}
