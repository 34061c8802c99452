import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddAthlete } from '../../api/athletes';
import { Card } from '../../design/page/Card';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';
import { AthleteForm } from './parts/AthleteForm';
import { nobody } from './parts/athleteInput';

export function NewAthletePage() {
  // One id for this form, however often it is sent: a second press of the button adds nobody twice.
  const [id] = useState(newId);
  const add = useAddAthlete();
  const navigate = useNavigate();
  return (
    <Workbench
      title="Somebody new: their rope comes next"
      decisionFirst
      decision={
        <Card>
          <h2>Before the first jump</h2>
          <p>
            Ask about pain, injuries, heart, bones, pregnancy. Whatever is marked here stays in sight when
            sets are planned.
          </p>
          <p>Zumbo gives no medical advice: when in doubt, a doctor or physiotherapist first.</p>
        </Card>
      }
    >
      <AthleteForm
        newcomer
        initial={nobody}
        action="Add and size the rope"
        pending={add.isPending}
        error={add.error}
        onSubmit={(input) => add.mutate({ id, input }, { onSuccess: () => void navigate(`/ropes/${id}`) })}
      />
    </Workbench>
  );
}
