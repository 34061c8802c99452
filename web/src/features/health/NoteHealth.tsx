import { App, Button } from 'antd';
import { useState } from 'react';
import { useAthleteTerms, type Athlete } from '../../api/athletes';
import { useNoteCaution, useStopDay, useTakeBackStop, type CautionInput } from '../../api/health';
import { PainPad } from '../../design/health/PainPad';
import { useUndoOffer } from '../../design/log/useUndoOffer';
import { newId } from '../../lib/ids';

/** Pain or a warning sign in two touches, and the end of today's jumping in one. */
export function NoteHealth({ athlete }: { athlete: Pick<Athlete, 'id' | 'name'> }) {
  const [open, setOpen] = useState(false);
  const terms = useAthleteTerms().data;
  const note = useNoteCaution();
  const stop = useStopDay();
  const takeBack = useTakeBackStop();
  const offerUndo = useUndoOffer();
  const { notification } = App.useApp();
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  const write = (input: Omit<CautionInput, 'athleteId' | 'note'>) =>
    note.mutate(
      { id: newId(), input: { ...input, athleteId: athlete.id, note: '' } },
      {
        onSuccess: () => {
          setOpen(false);
          notification.open({ title: `Noted for ${first}: no jumps`, duration: 6, role: 'status' });
        },
      },
    );
  const end = () =>
    stop.mutate(
      { id: newId(), athleteId: athlete.id, why: 'temper' },
      {
        onSuccess: (stopped) =>
          offerUndo({
            key: stopped.id,
            title: `Jumping ended for ${first} today`,
            onUndo: () =>
              takeBack.mutate({
                id: stopped.id,
                change: { mutationId: newId(), version: stopped.version },
              }),
          }),
      },
    );
  return (
    <div style={{ display: 'grid', gap: 8, marginTop: 12 }}>
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
        <Button size="large" aria-expanded={open} onClick={() => setOpen(!open)}>
          It hurts
        </Button>
        <Button size="large" loading={stop.isPending} onClick={end}>
          End jumping today
        </Button>
      </div>
      {open && terms !== undefined && (
        <PainPad
          places={terms.bodyParts}
          signs={terms.cautions.filter((caution) => caution.warningSign)}
          onPain={(place, degree) =>
            write({ caution: 'pain', place: place as NonNullable<CautionInput['place']>, degree })
          }
          onSign={(sign) => write({ caution: sign as CautionInput['caution'] })}
        />
      )}
      {(note.error ?? stop.error) !== null && <p role="alert">{(note.error ?? stop.error)?.message}</p>}
    </div>
  );
}
