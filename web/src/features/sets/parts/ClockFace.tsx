import { Button } from 'antd';
import type { ReactNode } from 'react';
import styles from './ClockFace.module.css';

export type Tone = 'ready' | 'work' | 'rest' | 'over';

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
        <Shape tone={tone} />
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

/** In the strip's notation: work is two arcs over the floor, rest a flat bar, ready a hollow dot, over a filled one. */
function Shape({ tone }: { tone: Tone }) {
  return (
    <svg viewBox="0 0 120 60" className={styles.shape} aria-hidden="true">
      <line x1={4} x2={116} y1={54} y2={54} className={styles.floor} />
      {tone === 'work' && (
        <>
          <path d="M14 50 C 20 -10, 100 -10, 106 50" />
          <path d="M30 50 C 36 16, 84 16, 90 50" />
          <circle cx={14} cy={50} r={5} className={styles.dot} />
          <circle cx={106} cy={50} r={5} className={styles.dot} />
        </>
      )}
      {tone === 'rest' && <rect x={14} y={40} width={92} height={11} className={styles.dot} />}
      {tone === 'ready' && <circle cx={60} cy={42} r={9} />}
      {tone === 'over' && <circle cx={60} cy={42} r={10} className={styles.dot} />}
    </svg>
  );
}
