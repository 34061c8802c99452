import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { Cautions } from '../../../design/page/Cautions';
import { Facts } from '../../../design/page/Facts';
import { useFloor } from '../../../design/page/useMedia';
import { formatLength, type LengthUnit } from '../../../lib/units';
import { PathList } from './PathList';

/** Who it is: name, measures, rope, cautions, and the place on the path; on the floor what is not for tonight is folded. */
export function AthleteSubject({ athlete, unit }: { athlete: Athlete; unit: LengthUnit }) {
  const floor = useFloor();
  const more = [
    { name: 'Hand', value: athlete.handName },
    { name: 'Experience', value: athlete.experienceName },
    { name: 'Born', value: athlete.birthYear ?? '–' },
  ];
  const path = (
    <div style={{ marginTop: 16 }}>
      <PathList athlete={athlete} />
    </div>
  );
  const rope = athlete.rope === null ? 'size one' : formatLength(athlete.rope.cableLengthM, unit);
  return (
    <>
      <h2 style={{ fontSize: '1.47rem', marginBottom: 10 }}>{athlete.name}</h2>
      <Facts
        facts={[
          { name: 'Rope', value: <Link to={`/ropes/${athlete.id}`}>{rope}</Link> },
          { name: 'Height', value: formatLength(athlete.statureM, unit) },
          ...(floor ? [] : more),
          ...(athlete.measureNextOn === null ? [] : [{ name: 'Measure next', value: athlete.measureNextOn }]),
        ]}
      />
      <p role="note">{athlete.ropeVerdict.reasons[0]?.sentence}</p>
      {athlete.measureAgain !== null && <p role="note">{athlete.measureAgain.sentence}</p>}
      {athlete.needsConsent && (
        <p role="note">No guardian’s consent is noted: ask for it before more is kept.</p>
      )}
      <Cautions cautions={athlete.cautions} off={athlete.allowance.jumping !== 'all'} />
      {floor ? (
        <details>
          <summary>
            Stage {athlete.path.indexOf(athlete.stage) + 1} of {athlete.path.length}: {athlete.stageName}
          </summary>
          <Facts facts={more} />
          {path}
        </details>
      ) : (
        path
      )}
    </>
  );
}
