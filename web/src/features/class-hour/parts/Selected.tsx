import { Button } from 'antd';
import { Link } from 'react-router';
import type { ClassAthlete } from '../../../api/classHour';
import { AttemptPad } from '../../../design/log/AttemptPad';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { Card } from '../../../design/page/Card';
import { NextSteps } from '../../../design/page/NextSteps';
import { NotToday } from '../../../design/page/NotToday';
import { NoteHealth } from '../../health';
import type { Entry } from '../../../lib/logLine';
import styles from './Selected.module.css';

interface Props {
  athlete: ClassAthlete;
  onLog: (entry: Entry) => void;
  onClose: () => void;
}

/** The athlete that was touched: set, cue, outlook, and the pad. */
export function Selected({ athlete, onLog, onClose }: Props) {
  return (
    <Card strong label={`${athlete.firstName}, set and log`}>
      <div className={styles.head}>
        <h2>
          <Link to={`/athletes/${athlete.id}`}>{athlete.firstName}</Link>
        </h2>
        <Button type="text" onClick={onClose} aria-label="Close">
          Close
        </Button>
      </div>
      {athlete.look !== null && <p role="note">{athlete.look.sentence}</p>}
      {athlete.beforeJumping !== null && (
        <p role="note">
          <Link to={`/ropes/${athlete.id}`}>{athlete.beforeJumping.sentence}</Link>
        </p>
      )}
      {athlete.drill === null ? (
        <NotToday allowance={athlete.allowance} name={athlete.firstName} few />
      ) : (
        <>
          <p className={styles.set}>
            {athlete.drill.title} · {athlete.drill.dose}
          </p>
          <BeatStrip beats={athlete.drill.beats} text={athlete.drill.text} small />
          <p className={styles.cue}>“{athlete.drill.cue}”</p>
          <p className={styles.set}>{athlete.cueReason}</p>
          {athlete.outlook !== null && <p className={styles.set}>{athlete.outlook.sentence}</p>}
          <NextSteps athleteId={athlete.id} />
          <AttemptPad
            key={athlete.id}
            countKind={athlete.drill.countKind}
            aim={athlete.drill.aim}
            onLog={onLog}
          />
        </>
      )}
      <NoteHealth athlete={{ id: athlete.id, name: athlete.firstName }} />
    </Card>
  );
}
