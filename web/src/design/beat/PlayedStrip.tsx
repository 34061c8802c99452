import { Button } from 'antd';
import type { ComponentProps } from 'react';
import { BeatStrip } from './BeatStrip';
import { useMetronome } from './useMetronome';
import styles from './PlayedStrip.module.css';

interface Props {
  drill: {
    beats: Parameters<typeof useMetronome>[0] & ComponentProps<typeof BeatStrip>['beats'];
    text: string;
  };
  /** Taught in silence: the rope is heard. */
  silent: boolean;
  /** Beside the buttons. */
  reason?: string;
}

/** A set drawn and played. */
export function PlayedStrip({ drill, silent, reason }: Props) {
  const beat = useMetronome(drill.beats);
  return (
    <>
      <BeatStrip beats={drill.beats} text={drill.text} head={beat.head} />
      <div className={styles.foot}>
        {silent ? (
          <span>In silence: listen for the tick of the rope.</span>
        ) : (
          <>
            <Button size="large" onClick={beat.playing ? beat.stop : beat.start} aria-pressed={beat.playing}>
              {beat.playing ? 'Stop the beat' : 'Play the beat'}
            </Button>
            <Button type="text" size="large" onClick={beat.toggleSilent} aria-pressed={beat.silent}>
              {beat.silent ? 'Silent: head only' : 'With sound'}
            </Button>
          </>
        )}
        {reason !== undefined && <span className={styles.reason}>{reason}</span>}
      </div>
    </>
  );
}
