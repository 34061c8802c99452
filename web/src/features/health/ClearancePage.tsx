import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useAthlete, type Athlete } from '../../api/athletes';
import { useCautions, useStateClearance, type NotedCaution, type Statement } from '../../api/health';
import { useMayChange } from '../../api/session';
import { StatementForm } from '../../design/health/StatementForm';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';

/** Handed to the athlete, or the guardian of one under 18: they say themselves that a professional cleared them. */
export function ClearancePage() {
  const { id = '', cautionId = '' } = useParams();
  const athlete = useAthlete(id);
  const noted = useCautions(id, useMayChange());
  return (
    <Fetched fetch={athlete} place="Clearance" what="the athlete">
      {(one) => (
        <Fetched fetch={noted} place="Clearance" what="what was noted">
          {(all) => {
            const caution = all.find((note) => note.id === cautionId);
            return caution === undefined || !caution.standing ? (
              <Workbench title="There is nothing to state here">
                <Empty>
                  <Link to={`/athletes/${id}`}>Back to {one.name}</Link>.
                </Empty>
              </Workbench>
            ) : (
              <Stated athlete={one} noted={caution} />
            );
          }}
        </Fetched>
      )}
    </Fetched>
  );
}

function Stated({ athlete, noted }: { athlete: Athlete; noted: NotedCaution }) {
  const [mutationId] = useState(newId);
  const state = useStateClearance();
  const navigate = useNavigate();
  const who = noted.guardianStates ? `the guardian of ${athlete.name}` : athlete.name;
  const send = (statement: Omit<Statement, 'statedBy'>) =>
    state.mutate(
      {
        id: noted.id,
        statement: { ...statement, statedBy: noted.guardianStates ? 'guardian' : 'athlete' },
        change: { mutationId, version: noted.version },
      },
      { onSuccess: () => void navigate(`/athletes/${athlete.id}`) },
    );
  return (
    <Workbench title={`For ${who}: may you jump again?`}>
      <Card strong label="Your statement">
        <p>
          On {noted.notedOn} this was noted: <b>{noted.name}</b>
          {noted.placeName !== null && `, ${noted.placeName}`}
          {noted.degree !== null && `, ${noted.degree} of 10`}. Jumping stays off until a doctor or another
          professional has cleared it. The coach can’t lift this, only you can say it.
        </p>
        <StatementForm sending={state.isPending} error={state.error} onState={send} />
        <p>Zumbo gives no medical advice. Your statement is kept with the day and the coach who was there.</p>
      </Card>
    </Workbench>
  );
}
