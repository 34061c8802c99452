import { Button } from 'antd';
import type { Diagnosis, Noted, SignCode } from '../../../api/faults';
import { Card } from '../../../design/page/Card';
import { CheckFirst } from './CheckFirst';
import styles from './Question.module.css';

interface Props {
  found: Diagnosis;
  ask: NonNullable<Diagnosis['ask']>;
  onAnswer: (sign: SignCode, answer: 'seen' | 'fine' | 'untold') => void;
  /** The likeliest cue without an answer; null: there is none to give. */
  onAllTheSame: (() => void) | null;
  onChecked: (what: Partial<Noted>) => void;
}

/** Not sure: the one observation that would tell most, before any cue. */
export function Question({ found, ask, onAnswer, onAllTheSame, onChecked }: Props) {
  return (
    <Card strong label="One question">
      <p>{found.advice.sentence}</p>
      <CheckFirst athleteId={found.athleteId} check={found.check} onChecked={onChecked} />
      <h2>{ask.question.sentence}</h2>
      <div className={styles.answers}>
        <Button size="large" type="primary" onClick={() => onAnswer(ask.sign, 'seen')}>
          Yes
        </Button>
        <Button size="large" onClick={() => onAnswer(ask.sign, 'fine')}>
          No, fine
        </Button>
        <Button size="large" onClick={() => onAnswer(ask.sign, 'untold')}>
          Can’t tell
        </Button>
      </div>
      {onAllTheSame !== null && (
        <Button size="large" type="link" onClick={onAllTheSame}>
          The likeliest cue all the same
        </Button>
      )}
    </Card>
  );
}
