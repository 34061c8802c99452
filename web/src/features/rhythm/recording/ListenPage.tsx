import { Button, Input, Progress } from 'antd';
import { useState } from 'react';
import {
  isBeingHeard,
  soundOf,
  useSaveEvents,
  useRecording,
  useSendRecording,
  useTakeReport,
  useThrowAway,
  type HeardTake,
  type Recording,
} from '../../../api/recordings';
import type { TakeReport } from '../../../api/rhythm';
import { useUsualPattern } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { SentShare } from '../../../design/form/SentShare';
import { Workbench } from '../../../design/page/Workbench';
import type { Marks } from '../../../lib/marks';
import { LogTake } from '../take/LogTake';
import { RhythmNav } from '../RhythmNav';
import { TakePicture } from '../take/TakePicture';
import { TakeSources } from '../take/TakeSources';
import { TakeVerdict } from '../take/TakeVerdict';
import styles from './ListenPage.module.css';

/** The rope heard: what was counted, one thing to change, and every mark to be mended by hand. */
export function ListenPage() {
  const send = useSendRecording();
  const save = useSaveEvents();
  const [id, setId] = useState<string | null>(null);
  const [edited, setEdited] = useState<Marks | null>(null);
  const usual = useUsualPattern();
  const [typed, setTyped] = useState('');
  const [target, setTarget] = useState('');
  const recording = useRecording(id).data;
  const hear = (file: Blob, keep: boolean) => {
    setEdited(null);
    send.mutate({ file, keep }, { onSuccess: (one) => setId(one.id) });
  };
  const heard = recording?.heard ?? null;
  const marks = edited ?? (heard === null ? null : { turnsS: heard.turnsS, landingsS: heard.landingsS });
  const byEar = heard !== null;
  // Heard well enough, or mended by hand.
  const counts = edited !== null || heard?.counts === true;
  const reading = useTakeReport(marks, target.trim() === '' ? null : target.trim(), heard);
  const take = marks === null ? undefined : reading.data;
  const busy = send.isPending || (recording !== undefined && isBeingHeard(recording));
  const refused = send.error?.message ?? recording?.fault ?? null;
  const sources = (
    <Card strong={marks === null} label="A take">
      <TakeSources
        pending={busy}
        again={marks !== null}
        onSound={hear}
        onMarks={(read) => {
          setId(null);
          setEdited(read);
        }}
      />
      {refused !== null && (
        <p role="alert" className={styles.refused}>
          {refused}
        </p>
      )}
    </Card>
  );
  return (
    <Workbench
      title={titleOf(busy, heard, edited, counts ? take : undefined)}
      nav={<RhythmNav />}
      decisionFirst={marks !== null}
      decision={
        <>
          {take !== undefined && counts && (
            <TakeVerdict take={take}>
              <LogTake key={JSON.stringify(marks)} take={take} />
            </TakeVerdict>
          )}
          {marks === null && sources}
        </>
      }
    >
      {recording !== undefined && isBeingHeard(recording) && <Hearing recording={recording} />}
      <SentShare share={send.share} />
      {marks === null && !busy && (
        <p>A recording, or what a sensor wrote, is counted here: jumps, turns, misses, and the beat.</p>
      )}
      {marks !== null && (
        <>
          <TakePicture
            marks={marks}
            passes={take?.passes ?? []}
            wave={byEar ? heard : null}
            onChange={setEdited}
          />
          <div className={styles.row}>
            <label>
              Should have been
              <Input
                aria-label="Should have been"
                placeholder={usual}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
                onBlur={() => setTarget(typed)}
                onPressEnter={() => setTarget(typed)}
              />
            </label>
            <Button onClick={() => save.mutate(marks)}>Save as event file</Button>
            {edited !== null && byEar && <Button onClick={() => setEdited(null)}>Undo my changes</Button>}
          </div>
          {(reading.error ?? save.error) !== null && (
            <p role="alert" className={styles.refused}>
              {(reading.error ?? save.error)?.message}
            </p>
          )}
        </>
      )}
      {recording?.kept === true && recording.state === 'done' && (
        <Kept recording={recording} onGone={() => setId(null)} />
      )}
      {marks !== null && sources}
    </Workbench>
  );
}

function Hearing({ recording }: { recording: Recording }) {
  const share = recording.total === 0 ? 0 : Math.round((100 * recording.done) / recording.total);
  return (
    <div role="status">
      {recording.total === 0 ? 'Waiting to be analysed' : `Heard ${recording.done} of ${recording.total} s`}
      <Progress percent={share} showInfo={false} />
    </div>
  );
}

function Kept({ recording, onGone }: { recording: Recording; onGone: () => void }) {
  const throwAway = useThrowAway();
  return (
    <div className={styles.row}>
      <audio controls src={soundOf(recording)} />
      <Button danger onClick={() => throwAway.mutate(recording, { onSuccess: onGone })}>
        Delete the recording
      </Button>
    </div>
  );
}

function titleOf(
  busy: boolean,
  heard: HeardTake | null,
  edited: Marks | null,
  take: TakeReport | undefined,
): string {
  if (busy) {
    return 'Listening';
  }
  if (take !== undefined) {
    return take.counts.sentence;
  }
  if (edited !== null) {
    const [landings, turns] = [edited.landingsS.length, edited.turnsS.length];
    return `${landings} ${landings === 1 ? 'landing' : 'landings'} and ${turns} ${turns === 1 ? 'turn' : 'turns'}`;
  }
  return heard?.verdict.sentence ?? 'Record, or choose a recording';
}
