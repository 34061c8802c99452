import { Button } from 'antd';
import type { Today } from '../../../api/classHour';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { Card } from '../../../design/page/Card';
import { useMetronome } from '../../../design/beat/useMetronome';
import styles from './TodaysSet.module.css';

/** Today's set: said, drawn and played. */
export function TodaysSet({ today }: { today: Today }) {
  const { drill } = today;
  const beat = useMetronome(drill.beats);
  return (
    <Card label="Today's set">
      <div className={styles.head}>
        <h2>{drill.title}</h2>
        <span>
          {drill.cadencePerMin} jumps/min · {drill.dose}
        </span>
      </div>
      <BeatStrip beats={drill.beats} text={drill.text} headS={beat.headS} />
      <div className={styles.foot}>
        <Button size="large" onClick={beat.playing ? beat.stop : beat.start} aria-pressed={beat.playing}>
          {beat.playing ? 'Stop the beat' : 'Play the beat'}
        </Button>
        <Button type="text" size="large" onClick={beat.toggleSilent} aria-pressed={beat.silent}>
          {beat.silent ? 'Silent: head only' : 'With sound'}
        </Button>
        <span className={styles.reason}>{today.reason.sentence}</span>
      </div>
    </Card>
  );
}
