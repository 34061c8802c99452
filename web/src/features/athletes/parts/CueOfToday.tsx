import type { Athlete } from '../../../api/athletes';
import type { Today } from '../../../api/classHour';
import { useGoes } from '../../../api/faults';
import { CueGoes } from '../../../design/cue/CueGoes';
import { CueLines } from '../../../design/cue/CueLines';
import { NextSteps } from '../../../design/page/NextSteps';

/** The one cue: of the fault that is worked on, or the drill's own; and the way to find another. */
export function CueOfToday({ athlete, today }: { athlete: Athlete; today: Today }) {
  if (today.drill === null) {
    return null;
  }
  return (
    <>
      <p style={{ margin: 0 }}>One cue</p>
      {today.focus === null ? (
        <>
          <h2 style={{ fontSize: '1.6rem' }}>“{today.drill.cue}”</h2>
          <p style={{ margin: '6px 0' }}>{capital(today.drill.why)}.</p>
        </>
      ) : (
        <Focused focus={today.focus} />
      )}
      <NextSteps
        athleteId={athlete.id}
        fault={today.focus === null ? 'Find a fault' : 'Another fault, or none'}
      />
    </>
  );
}

function Focused({ focus }: { focus: NonNullable<Today['focus']> }) {
  const goes = useGoes(focus.id);
  return (
    <>
      <CueLines cue={focus.cue} />
      <div className="no-print">
        <CueGoes withoutEffect={focus.cue.withoutEffect} {...goes} />
      </div>
    </>
  );
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
