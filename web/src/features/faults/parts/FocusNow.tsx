import { Button } from 'antd';
import { useState } from 'react';
import type { Today } from '../../../api/classHour';
import { useFocus, useGoes } from '../../../api/faults';
import { useMayChange } from '../../../api/session';
import { CueGoes } from '../../../design/cue/CueGoes';
import { newId } from '../../../lib/ids';

interface Props {
  athleteId: string;
  first: string;
  focus: Today['focus'];
}

/** What the athlete works on already: one focus at a time, a new one takes its place. */
export function FocusNow({ athleteId, first, focus }: Props) {
  return focus === null ? (
    <p style={{ marginTop: 16 }}>{first} has no cue but the drill’s own.</p>
  ) : (
    <WorkedOn key={focus.id} athleteId={athleteId} first={first} focus={focus} />
  );
}

function WorkedOn({ athleteId, first, focus }: Props & { focus: NonNullable<Today['focus']> }) {
  const { give, takeOff } = useFocus();
  const goes = useGoes(focus.id);
  const mayChange = useMayChange();
  const [next] = useState(newId);
  const { cue } = focus;
  return (
    <section aria-label="Now" style={{ marginTop: 16 }}>
      <h2>{first} works on</h2>
      <p>
        {cue.name}
        {cue.cue !== '' && `: “${cue.cue}”`}
      </p>
      <CueGoes withoutEffect={cue.withoutEffect} {...goes} />
      {cue.stepsBackNow && (
        <p role="note">
          <strong>{cue.stepBack?.sentence ?? 'It brought nothing: the load, not the cue.'}</strong>
        </p>
      )}
      {mayChange && (
        <p style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
          {cue.stepsBackNow && (
            <Button
              size="large"
              type="primary"
              loading={give.isPending}
              onClick={() =>
                give.mutate({ id: next, input: { athleteId, fault: cue.fault, signs: [], cue: '' } })
              }
            >
              Try another cue for it
            </Button>
          )}
          <Button
            size="large"
            onClick={() => takeOff.mutate({ id: focus.id, version: focus.version })}
            loading={takeOff.isPending}
          >
            Take it off
          </Button>
        </p>
      )}
      {takeOff.error !== null && <p role="alert">{takeOff.error.message}</p>}
      {give.error !== null && <p role="alert">{give.error.message}</p>}
    </section>
  );
}
