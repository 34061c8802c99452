import { Button } from 'antd';
import { Fragment, useRef } from 'react';
import { LIST_ENDINGS } from '../../lib/brought';
import styles from './list.module.css';

/** An example that ships with the app. */
export interface Sample {
  name: string;
  address: string;
}

interface Props {
  file: File | null;
  samples: readonly Sample[];
  onFile: (file: File) => void;
  /** Back to pasting. */
  onText: () => void;
}

/** A spreadsheet or CSV file instead of what is pasted, and examples of both. */
export function ListFile({ file, samples, onFile, onText }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <div
      className={styles.file}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        const dropped = event.dataTransfer.files[0];
        if (dropped !== undefined) {
          onFile(dropped);
        }
      }}
    >
      {file === null ? (
        <Button size="large" onClick={() => input.current?.click()}>
          Choose or drop a file
        </Button>
      ) : (
        <>
          <strong>{file.name}</strong>
          <Button onClick={onText}>Paste instead</Button>
        </>
      )}
      <span className={styles.quiet}>
        xlsx, ods, CSV or text. {samples.length === 1 ? 'Sample' : 'Samples'}:{' '}
        {samples.map(({ name, address }, i) => (
          <Fragment key={address}>
            {i > 0 && ', '}
            <a href={address}>{name}</a>
          </Fragment>
        ))}
        .
      </span>
      <input
        ref={input}
        type="file"
        hidden
        aria-label="File with the list"
        accept={LIST_ENDINGS}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen !== undefined) {
            onFile(chosen);
          }
        }}
      />
    </div>
  );
}
