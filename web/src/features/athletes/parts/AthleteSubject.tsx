import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { Cautions } from '../../../design/page/Cautions';
import { Facts } from '../../../design/page/Facts';
import { formatLength, type LengthUnit } from '../../../lib/units';
import { PathList } from './PathList';

/** Who it is: name, measures, rope, cautions, and the place on the path. */
export function AthleteSubject({ athlete, unit }: { athlete: Athlete; unit: LengthUnit }) {
  const rope = athlete.rope === null ? 'size one' : formatLength(athlete.rope.cableLengthM, unit);
  return (
    <>
      <h2 style={{ fontSize: '1.47rem', marginBottom: 10 }}>{athlete.name}</h2>
      <Facts
        facts={[
          { name: 'Rope', value: <Link to={`/ropes/${athlete.id}`}>{rope}</Link> },
          { name: 'Height', value: formatLength(athlete.statureM, unit) },
          { name: 'Hand', value: athlete.handName },
          { name: 'Came with', value: athlete.experienceName },
          { name: 'Born', value: athlete.birthYear ?? '–' },
          ...(athlete.measureNextOn === null ? [] : [{ name: 'Measure next', value: athlete.measureNextOn }]),
        ]}
      />
      <p role="note">{athlete.ropeVerdict.reasons[0]?.sentence}</p>
      {athlete.measureAgain !== null && <p role="note">{athlete.measureAgain.sentence}</p>}
      {athlete.needsConsent && (
        <p role="note">No guardian’s consent is noted: ask for it before more is kept.</p>
      )}
      <Cautions cautions={athlete.cautions} off={athlete.allowance.jumping !== 'all'} />
      <div style={{ marginTop: 16 }}>
        <PathList stage={athlete.stageNumber} />
      </div>
    </>
  );
}
