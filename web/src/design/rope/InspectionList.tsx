import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import styles from './InspectionList.module.css';

interface Point<Code extends string> {
  code: Code;
  sentence: string;
}

interface Props<Code extends string> {
  points: Point<Code>[];
  /** What the last look found. */
  failed: Code[];
  /** "Last looked over on 2026-11-13." */
  last: string;
  pending: boolean;
  error: Error | null;
  onDone: (failed: Code[]) => void;
}

/** What is looked at before somebody jumps with a rope: tick what is not in order. */
export function InspectionList<Code extends string>({
  points,
  failed,
  last,
  pending,
  error,
  onDone,
}: Props<Code>) {
  const [ticked, setTicked] = useState<Code[]>(failed);
  return (
    <div>
      <p className={styles.last}>{last}</p>
      <p>Tick what is not in order. A rope with a tick is given to nobody.</p>
      <ul className={styles.points}>
        {points.map((point) => (
          <li key={point.code}>
            <Checkbox
              checked={ticked.includes(point.code)}
              onChange={(event) =>
                setTicked((now) =>
                  event.target.checked ? [...now, point.code] : now.filter((code) => code !== point.code),
                )
              }
            >
              {point.sentence}
            </Checkbox>
          </li>
        ))}
      </ul>
      {error !== null && (
        <p role="alert" className={styles.refused}>
          {error.message}
        </p>
      )}
      <Button type="primary" block loading={pending} onClick={() => onDone(ticked)}>
        {ticked.length === 0 ? 'It passed' : `It failed: ${ticked.length} not in order`}
      </Button>
    </div>
  );
}
