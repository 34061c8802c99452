import { Button } from 'antd';
import { Link } from 'react-router';
import type { ClassAthlete, Drill } from '../../../api/classHour';
import type { ShownEntry } from '../../../api/entries';
import { AttemptPad } from '../../../design/log/AttemptPad';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { Card } from '../../../design/page/Card';
import { NextSteps } from '../../../design/page/NextSteps';
import { NotToday } from '../../../design/page/NotToday';
import { NoteHealth } from '../../health';
import type { Entry } from '../../../lib/logLine';
import { ThumbBar } from '../../../design/page/AtThumb';
import { WhoIsHere } from '../here/WhoIsHere';
import styles from './Selected.module.css';

interface Props {
  athlete: ClassAthlete;
  /** What was logged for them last, on this device. */
  last: ShownEntry | undefined;
  onLog: (entry: Entry) => void;
  onUndo: (entry: ShownEntry) => void;
  onClose: () => void;
}

/** The athlete that was touched: set, cue, outlook, and the pad; on a phone at the thumb, wherever one has scrolled. */
export function Selected({ athlete, last, onLog, onUndo, onClose }: Props) {
  return (
    <ThumbBar value={null}>
      <div className={styles.atThumb}>
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
          {athlete.news !== null && <p role="note">{athlete.news.sentence}</p>}
          {athlete.provisional && (
            <p role="note">
              <Link to={`/athletes/${athlete.id}/path`}>Placed by two minutes: to be confirmed</Link>
            </p>
          )}
          {athlete.doubt !== null && <p role="note">{athlete.doubt.sentence}</p>}
          {athlete.beforeJumping !== null && (
            <p role="note">
              <Link to={`/ropes/${athlete.id}`}>{athlete.beforeJumping.sentence}</Link>
            </p>
          )}
          {athlete.drill === null ? (
            <NotToday allowance={athlete.allowance} name={athlete.firstName} />
          ) : (
            <>
              <SetOfToday athlete={athlete} drill={athlete.drill} />
              <div className={styles.pad}>
                <AttemptPad
                  key={athlete.id}
                  countKind={athlete.drill.countKind}
                  aim={athlete.drill.aim}
                  onLog={onLog}
                />
                {last !== undefined && (
                  <p className={styles.last} role="status">
                    <span>Logged: {last.sentence}</span>
                    <Button
                      type="text"
                      onClick={() => onUndo(last)}
                      aria-label={`Undo ${last.sentence} here`}
                    >
                      Undo
                    </Button>
                  </p>
                )}
              </div>
            </>
          )}
          <WhoIsHere athlete={athlete} onGone={onClose} />
          <NoteHealth athlete={{ id: athlete.id, name: athlete.firstName }} />
        </Card>
      </div>
    </ThumbBar>
  );
}

function SetOfToday({ athlete, drill }: { athlete: ClassAthlete; drill: Drill }) {
  return (
    <>
      <p className={styles.set}>
        <Link to={`/sets/drills?for=${athlete.id}&drill=${drill.code}`}>{drill.title}</Link> · {drill.dose}
      </p>
      <BeatStrip beats={drill.beats} text={drill.text} small />
      <p className={styles.cue}>“{drill.cue}”</p>
      <p className={styles.set}>{athlete.cueReason}</p>
      {athlete.outlook !== null && <p className={styles.set}>{athlete.outlook.sentence}</p>}
      <NextSteps athleteId={athlete.id} />
    </>
  );
}
