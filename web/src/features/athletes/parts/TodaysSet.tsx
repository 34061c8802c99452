import { Button } from 'antd';
import type { Drill, Today } from '../../../api/classHour';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { Card } from '../../../design/page/Card';
import { NotToday } from '../../../design/page/NotToday';
import { useMetronome } from '../../../design/beat/useMetronome';
import styles from './TodaysSet.module.css';

/** Today's set: said, drawn and played; or why there is none today, and what there is instead. */
export function TodaysSet({ today, name }: { today: Today; name: string }) {
  const { drill } = today;
  return drill === null ? (
    <NotToday allowance={today.allowance} name={name} />
  ) : (
    <SetOf
      drill={drill}
      silent={today.silent}
      reason={today.reason?.sentence ?? ''}
      left={today.allowance.reasons}
    />
  );
}

interface SetProps {
  drill: Drill;
  /** Taught in silence. */
  silent: boolean;
  reason: string;
  /** What is left of today's contacts, and why. */
  left: { code: string; sentence: string }[];
}

function SetOf({ drill, silent, reason, left }: SetProps) {
  const beat = useMetronome(drill.beats);
  return (
    <Card label="Today's set">
      <div className={styles.head}>
        <h2>{drill.title}</h2>
        <span>
          {drill.cadencePerMin} jumps/min · {drill.dose}
        </span>
      </div>
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
        <span className={styles.reason}>{reason}</span>
      </div>
      <p className={styles.reason}>{left.map((one) => one.sentence).join(' ')}</p>
    </Card>
  );
}
