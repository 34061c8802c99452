import { Button } from 'antd';
import { useRef } from 'react';
import { LIST_ENDINGS } from '../../../../api/athleteList';
import styles from '../../ListPage.module.css';

interface Props {
  file: File | null;
  onFile: (file: File) => void;
  /** Back to pasting. */
  onText: () => void;
}

/** A spreadsheet or CSV file instead of what is pasted, and examples of both. */
export function ListFile({ file, onFile, onText }: Props) {
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
        xlsx, ods, CSV or text. Samples: <a href="/samples/athletes.csv">CSV</a>,{' '}
        <a href="/samples/athletes.xlsx">xlsx</a>.
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
