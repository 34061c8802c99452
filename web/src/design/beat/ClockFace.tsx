import { Button } from 'antd';
import type { ReactNode } from 'react';
import { PhaseShape, type Tone } from './PhaseShape';
import styles from './ClockFace.module.css';

interface Props {
  title: string;
  tone: Tone;
  /** WORK, REST, GET READY: readable from afar. */
  word: string;
  /** The seconds, or minutes and seconds. */
  digits: string;
  /** What is done now, and what comes next. */
  now: ReactNode;
  next: string;
  paused: boolean;
  onPause: (() => void) | null;
  children: ReactNode;
}

/** The clock: the phase by its shape, its word and its colour; the time as large as the screen allows. */
export function ClockFace({ title, tone, word, digits, now, next, paused, onPause, children }: Props) {
  return (
    <main id="main" className={styles.face} data-tone={tone}>
      <h1>{title}</h1>
      <div key={word} className={styles.clock}>
        <span className={styles.shape}>
          <PhaseShape tone={tone} />
        </span>
        <p className={styles.word} aria-live="assertive">
          {paused ? 'Paused' : word}
        </p>
        <p className={styles.digits} role="timer">
          {digits}
        </p>
      </div>
      <div className={styles.now}>{now}</div>
      <p className={styles.next}>{next}</p>
      <div className={styles.actions}>
        {onPause !== null && (
          <Button size="large" onClick={onPause} aria-pressed={paused}>
            {paused ? 'Go on' : 'Pause'}
          </Button>
        )}
        {children}
      </div>
    </main>
  );
}
