import { Button } from 'antd';
import { useAthleteTerms, type Athlete } from '../../api/athletes';
import { useNoteCaution, useStopDay, useTakeBackStop, type CautionInput } from '../../api/health';
import { PainPad } from '../../design/health/PainPad';
import { useUndoOffer } from '../../design/log/useUndoOffer';
import { notes } from '../../design/page/notes';
import { newId } from '../../lib/ids';

/** Pain in two touches, a warning sign, and the end of today's jumping in one. */
export function NoteHealth({ athlete }: { athlete: Pick<Athlete, 'id' | 'name'> }) {
  const terms = useAthleteTerms().data;
  const note = useNoteCaution();
  const stop = useStopDay();
  const takeBack = useTakeBackStop();
  const offerUndo = useUndoOffer();
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  const write = (input: Omit<CautionInput, 'athleteId' | 'note'>) =>
    note.mutate(
      { id: newId(), input: { ...input, athleteId: athlete.id, note: '' } },
      {
        onSuccess: () => notes.open({ title: `Noted for ${first}: no jumps`, duration: 6, role: 'status' }),
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
    <div className="no-print" style={{ display: 'grid', gap: 8, marginTop: 12 }}>
      {terms !== undefined && (
        <PainPad
          key={note.data?.id ?? ''}
          places={terms.bodyParts}
          signs={terms.cautions.filter((caution) => caution.warningSign)}
          onPain={(place, degree) =>
            write({ caution: 'pain', place: place as NonNullable<CautionInput['place']>, degree })
          }
          onSign={(sign) => write({ caution: sign as CautionInput['caution'] })}
        />
      )}
      <div>
        <Button size="large" loading={stop.isPending} onClick={end}>
          End jumping today
        </Button>
      </div>
      {(note.error ?? stop.error) !== null && <p role="alert">{(note.error ?? stop.error)?.message}</p>}
    </div>
  );
}
