import { Button } from 'antd';
import { useRef } from 'react';
import styles from './Exchange.module.css';

interface Props {
  pending: boolean;
  /** Another file after one. */
  again: boolean;
  onFile: (file: File) => void;
}

/** A file of ours, or one made by hand with our columns. */
export function ChooseFile({ pending, again, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <section className={styles.choose} aria-label="Import a file">
      {!again && (
        <p>
          The ZIP or JSON file of a whole gym or of one athlete, or a CSV file of one table. It is read and
          shown first; nothing is written before you agree. Rows are known by their id: what is there already
          is not added twice.
        </p>
      )}
      <Button
        size="large"
        type={again ? 'default' : 'primary'}
        loading={pending}
        onClick={() => input.current?.click()}
      >
        {again ? 'Choose another file' : 'Choose a file to import'}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        aria-label="File to import"
        accept=".json,.csv,.zip,application/json,text/csv,application/zip"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file !== undefined) {
            onFile(file);
          }
        }}
      />
    </section>
  );
}
