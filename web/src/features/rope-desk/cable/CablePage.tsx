import { useCables } from '../../../api/cables';
import { useMayChange, useUnit } from '../../../api/session';
import { Link } from 'react-router';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { formatLength } from '../../../lib/units';
import { BenchFrame, BenchPage } from '../size/BenchPage';
import { CableTable } from './CableTable';
import { OwnCableForm } from './OwnCableForm';
import type { Athlete } from '../../../api/athletes';

/** Which cable: six families and the gym's own, in this athlete's hands. */
export function CablePage() {
  return <BenchPage place="Cable">{(athlete) => <Cables athlete={athlete} />}</BenchPage>;
}

function Cables({ athlete }: { athlete: Athlete }) {
  const cables = useCables(athlete.id);
  const unit = useUnit();
  const mayChange = useMayChange();
  return (
    <Fetched fetch={cables} place="Cable" what="the cables">
      {(all) => {
        const best = all.cables.find((cable) => cable.recommended);
        const first = athlete.name.split(' ')[0] ?? '';
        if (all.cableLengthM === null) {
          return (
            <BenchFrame athlete={athlete} title={`Which cable for ${first}?`}>
              <p>{all.verdict.sentence.sentence}</p>
              <Empty>
                How it feels hangs on its length, and that on the handles:{' '}
                <Link to={`/ropes/${athlete.id}`}>ask for the handles</Link> first.
              </Empty>
            </BenchFrame>
          );
        }
        return (
          <BenchFrame
            athlete={athlete}
            title={`${best?.name ?? 'No cable'} for ${first}`}
            decision={
              <>
                <section>
                  {all.verdict.fit !== 'unknown' && (
                    <p>
                      <strong>The cable they have: {all.verdict.sentence.sentence}</strong>
                    </p>
                  )}
                  {all.verdict.next !== null && <p>{all.verdict.next.sentence}</p>}
                  <h2>Why this one</h2>
                  {all.reasons.map((reason) => (
                    <p key={reason.code}>{reason.sentence}</p>
                  ))}
                  <p>A thin cable whips bare skin: trousers or socks over the shins, and room around.</p>
                </section>
                {mayChange && <OwnCableForm />}
              </>
            }
          >
            <CableTable all={all} mayChange={mayChange} at={formatLength(all.cableLengthM, unit)} />
          </BenchFrame>
        );
      }}
    </Fetched>
  );
}
