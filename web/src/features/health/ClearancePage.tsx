import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useAthlete, type Athlete } from '../../api/athletes';
import { useCautions, useStateClearance, type NotedCaution } from '../../api/health';
import { useMayChange } from '../../api/session';
import { FieldStack } from '../../design/form/FieldStack';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';
import { AtThumb } from '../../design/page/AtThumb';

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
              <Statement athlete={one} noted={caution} />
            );
          }}
        </Fetched>
      )}
    </Fetched>
  );
}

function Statement({ athlete, noted }: { athlete: Athlete; noted: NotedCaution }) {
  const [professional, setProfessional] = useState('');
  const [on, setOn] = useState('');
  const [words, setWords] = useState('');
  const [myself, setMyself] = useState(false);
  const [mutationId] = useState(newId);
  const state = useStateClearance();
  const navigate = useNavigate();
  const who = noted.guardianStates ? `the guardian of ${athlete.name}` : athlete.name;
  const whole = professional.trim() !== '' && on !== '' && words.trim() !== '' && myself;
  const send = () =>
    state.mutate(
      {
        id: noted.id,
        statement: {
          statedBy: noted.guardianStates ? 'guardian' : 'athlete',
          professional,
          on,
          words,
          myself,
        },
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
        <FieldStack>
          <label>
            Who cleared you?
            <Input
              size="large"
              maxLength={120}
              value={professional}
              onChange={(event) => setProfessional(event.target.value)}
            />
          </label>
          <label>
            On which day?
            <Input size="large" type="date" value={on} onChange={(event) => setOn(event.target.value)} />
          </label>
          <label>
            What did they say? In your own words
            <Input.TextArea
              rows={3}
              maxLength={500}
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
          </label>
          <Checkbox checked={myself} onChange={(event) => setMyself(event.target.checked)}>
            I say this myself
          </Checkbox>
          {state.error !== null && <p role="alert">{state.error.message}</p>}
          <AtThumb>
            <Button type="primary" size="large" disabled={!whole} loading={state.isPending} onClick={send}>
              This is my statement
            </Button>
          </AtThumb>
        </FieldStack>
        <p>Zumbo gives no medical advice. Your statement is kept with the day and the coach who was there.</p>
      </Card>
    </Workbench>
  );
}
