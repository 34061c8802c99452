import { Input } from 'antd';
import { Card } from '../page/Card';
import { ListFile, type Sample } from './ListFile';
import styles from './list.module.css';

interface Props {
  text: string;
  file: File | null;
  onBring: (next: { text?: string; file?: File | null }) => void;
  /** What stands in a line. */
  asks: string;
  example: string;
  samples: readonly Sample[];
  /** Why it could not be read. */
  error: string | null;
}

/** Where a list is pasted, dropped or chosen. */
export function PasteOrFile({ text, file, onBring, asks, example, samples, error }: Props) {
  return (
    <Card label="The list">
      <ListFile
        file={file}
        samples={samples}
        onFile={(next) => onBring({ file: next })}
        onText={() => onBring({})}
      />
      {file === null && (
        <label className={styles.paste}>
          {asks}
          <Input.TextArea
            aria-label="Your list"
            rows={7}
            value={text}
            autoFocus
            placeholder={example}
            onChange={(event) => onBring({ text: event.target.value })}
          />
        </label>
      )}
      {error !== null && <p role="alert">{error}</p>}
    </Card>
  );
}
