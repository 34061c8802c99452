import type { Drill, Today } from '../../../api/classHour';
import { PlayedStrip } from '../../../design/beat/PlayedStrip';
import { Card } from '../../../design/page/Card';
import { NotToday } from '../../../design/page/NotToday';
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
  return (
    <Card label="Today's set">
      <div className={styles.head}>
        <h2>{drill.title}</h2>
        <span>
          {drill.cadencePerMin} jumps/min · {drill.dose}
        </span>
      </div>
      <PlayedStrip drill={drill} silent={silent} reason={reason} />
      <p className={styles.reason}>{left.map((one) => one.sentence).join(' ')}</p>
    </Card>
  );
}
