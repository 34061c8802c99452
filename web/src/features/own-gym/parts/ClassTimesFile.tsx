import { Button } from 'antd';
import { useRef } from 'react';
import { useReadClassTimes } from '../../../api/calendars';

interface Props {
  disabled: boolean;
  /** Lines as the setting takes them. */
  onRead: (classTimes: string) => void;
}

/** The weekly classes out of a calendar file: what is no weekly class is told. */
export function ClassTimesFile({ disabled, onRead }: Props) {
  const input = useRef<HTMLInputElement>(null);
  const read = useReadClassTimes();
  const bring = async (file: File) => {
    const { classTimes } = await read.mutateAsync(await file.text());
    if (classTimes !== '') {
      onRead(classTimes);
    }
  };
  return (
    <div>
      <input
        ref={input}
        type="file"
        accept=".ics,text/calendar"
        hidden
        aria-label="Calendar file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file !== undefined) {
            // What went wrong is shown below.
            bring(file).catch(() => undefined);
          }
        }}
      />
      <Button disabled={disabled} loading={read.isPending} onClick={() => input.current?.click()}>
        Read them from a calendar file
      </Button>
      {read.isError && <p role="alert">{read.error.message}</p>}
      {read.data?.classTimes === '' && <p role="note">No weekly class is in this file.</p>}
      {read.data?.notes.map((note) => (
        <p key={note} role="note">
          {note}.
        </p>
      ))}
    </div>
  );
}
