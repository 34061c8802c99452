import { Radio } from 'antd';
import type { Way, Ways } from '../../../api/path';
import styles from '../path.module.css';

interface Props {
  ways: readonly Way[];
  /** "as is usual", "as the gym does it". */
  otherwise: string;
  mayChange: boolean;
  pending: boolean;
  onChoose: (ways: Ways) => void;
}

/** Where it stands in what is sent. */
const FIELD: Record<Way['question'], keyof Ways> = {
  method: 'method',
  arms: 'arms',
  elbows: 'elbows',
  height: 'height',
  sound: 'sound',
  gates: 'gates',
  'warm-up': 'warmUp',
  dose: 'dose',
};

/** What schools answer differently: each answer with why one teaches so, and for whom. */
export function WayList({ ways, otherwise, mayChange, pending, onChoose }: Props) {
  const chosen = ways.filter((way) => way.chosenHere);
  const choose = (question: Way['question'], answer: string | null) =>
    onChoose(
      Object.fromEntries(
        [
          ...chosen
            .filter((way) => way.question !== question)
            .map((way) => [FIELD[way.question], way.answer]),
          [FIELD[question], answer],
        ].filter(([, value]) => value !== null),
      ) as Ways,
    );
  return (
    <div className={styles.ways}>
      {ways.map((way) => {
        const now = way.options.find((option) => option.answer === way.answer);
        return (
          <details key={way.question} className={styles.way}>
            <summary>
              <span className={styles.asked}>{way.asked}</span> {now?.label}
              {!way.chosenHere && <span className={styles.from}> · {otherwise}</span>}
            </summary>
            <Radio.Group
              aria-label={way.asked}
              value={way.answer}
              disabled={!mayChange || pending}
              onChange={({ target }) => choose(way.question, String(target.value))}
              className={styles.options ?? ''}
            >
              {way.options.map((option) => (
                <Radio key={option.answer} value={option.answer} className={styles.option ?? ''}>
                  <strong>{option.label}</strong>
                  <span className={styles.why}>
                    Why: {option.why}. For: {option.forWhom}.
                  </span>
                </Radio>
              ))}
            </Radio.Group>
            {way.chosenHere && mayChange && (
              <button
                type="button"
                className={styles.plain}
                disabled={pending}
                onClick={() => choose(way.question, null)}
              >
                {otherwise.charAt(0).toUpperCase() + otherwise.slice(1)} again
              </button>
            )}
          </details>
        );
      })}
    </div>
  );
}
