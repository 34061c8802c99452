import { Button, Checkbox } from 'antd';
import { useRef, useState } from 'react';
import { useEventFile, useInvented } from '../../../api/recordings';
import { FieldStack } from '../../../design/form/FieldStack';
import type { Marks } from '../../../lib/marks';
import { useMicrophone } from '../recording/useMicrophone';

interface Props {
  pending: boolean;
  /** Another one after one. */
  again: boolean;
  onSound: (file: Blob, keep: boolean) => void;
  onMarks: (marks: Marks) => void;
}

/** Where a take comes from: the microphone, a recording, an event file, or somebody invented. */
export function TakeSources({ pending, again, onSound, onMarks }: Props) {
  const [keep, setKeep] = useState(false);
  const sound = useRef<HTMLInputElement>(null);
  const events = useRef<HTMLInputElement>(null);
  const readEvents = useEventFile();
  const invented = useInvented();
  const refused = readEvents.error ?? invented.error;
  const microphone = useMicrophone((file) => onSound(file, keep));
  const recording = microphone.seconds !== null;
  return (
    <FieldStack>
      <p>One jumper, the phone on the floor two steps away, no music. Nothing recorded leaves this server.</p>
      <Button
        type={again && !recording ? 'default' : 'primary'}
        size="large"
        block
        loading={pending}
        onClick={recording ? microphone.stop : microphone.start}
      >
        {recording ? `Stop, and hear ${(microphone.seconds ?? 0).toFixed(0)} s` : 'Record with this device'}
      </Button>
      {microphone.error !== null && <p role="alert">{microphone.error}</p>}
      <Checkbox checked={keep} onChange={(event) => setKeep(event.target.checked)}>
        Keep the recording; otherwise it is deleted once counted
      </Checkbox>
      <Button block disabled={recording || pending} onClick={() => sound.current?.click()}>
        Choose a WAV file
      </Button>
      <Button block disabled={recording} onClick={() => events.current?.click()}>
        Choose a sensor’s event file
      </Button>
      <Button
        block
        disabled={recording || pending}
        onClick={() => invented.mutate('trip', { onSuccess: (file) => onSound(file, false) })}
      >
        Try it with an invented jumper
      </Button>
      {refused !== null && <p role="alert">{refused.message}</p>}
      <input
        ref={sound}
        type="file"
        hidden
        aria-label="Recording"
        accept=".wav,audio/wav"
        onChange={(event) => pick(event.target, (file) => onSound(file, keep))}
      />
      <input
        ref={events}
        type="file"
        hidden
        aria-label="Event file"
        accept=".csv,text/csv"
        onChange={(event) => pick(event.target, (file) => readEvents.mutate(file, { onSuccess: onMarks }))}
      />
    </FieldStack>
  );
}

/** The same file may be chosen again. */
function pick(input: HTMLInputElement, take: (file: File) => void): void {
  const file = input.files?.[0];
  input.value = '';
  if (file !== undefined) {
    take(file);
  }
}
