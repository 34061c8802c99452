import { Button } from 'antd';
import { Link, useParams } from 'react-router';
import { useAthleteTerms, useMoveAthlete } from '../../api/athletes';
import { useToday, type Today } from '../../api/classHour';
import { useAthletePath, useChooseAthleteWays, type AthletePath } from '../../api/path';
import { useMayChange } from '../../api/session';
import { GATE_UNIT, GateCurve } from '../../design/log/GateCurve';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { PathNav } from '../../design/frame/PathNav';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';
import { Decisions } from './parts/Decisions';
import { StageGates } from './parts/StageGates';
import { WayList } from './parts/WayList';
import styles from './path.module.css';

/** Where an athlete is, how far the gate is, what each stage asks of them, and how they are taught. */
export function PathPage() {
  const { id = '' } = useParams();
  const path = useAthletePath(id);
  return (
    <Fetched fetch={path} place="Path" what="the path">
      {(known) => <Known key={known.athleteId} path={known} />}
    </Fetched>
  );
}

function Known({ path }: { path: AthletePath }) {
  const today = useToday(path.athleteId);
  const mayChange = useMayChange();
  const choose = useChooseAthleteWays();
  const first = path.name.split(' ')[0] ?? path.name;
  const terms = useAthleteTerms().data?.stages ?? [];
  const stageName = (code: string | undefined) => terms.find((stage) => stage.code === code)?.name ?? '';
  return (
    <Workbench
      title={titleOf(first, path, today.data, stageName)}
      nav={<PathNav athleteId={path.athleteId} />}
      decisionFirst
      decisionPrints
      decision={<Outlook path={path} today={today.data} />}
    >
      <div className={styles.stack}>
        <Card label="Stages">
          <h2>What each stage asks</h2>
          <StageGates
            stages={path.stages}
            here={path.stage}
            athleteId={path.athleteId}
            mayChange={mayChange}
          />
        </Card>
        <Card label="How they are taught">
          <h2>How {first} is taught</h2>
          <WayList
            ways={path.ways}
            otherwise="as the gym does it"
            mayChange={mayChange}
            pending={choose.isPending}
            onChoose={(ways) =>
              choose.mutate({
                id: path.athleteId,
                ways,
                change: { mutationId: newId(), version: path.version },
              })
            }
          />
          {choose.isError && <p role="alert">{choose.error.message}</p>}
        </Card>
        <Card label="Decided">
          <h2>What was decided</h2>
          <Decisions decisions={path.decisions} mayChange={mayChange} />
        </Card>
      </div>
    </Workbench>
  );
}

/** A coach who has seen enough. */
function Confirm({ path }: { path: AthletePath }) {
  const mayChange = useMayChange();
  const move = useMoveAthlete();
  const name = useAthleteTerms().data?.stages.find(({ code }) => code === path.stage)?.name ?? '';
  return (
    <>
      <p role="note">Put here by two minutes: five entries at this stage, or a coach, confirm it.</p>
      {mayChange && (
        <Button
          size="large"
          loading={move.isPending}
          onClick={() =>
            move.mutate({
              id: path.athleteId,
              stage: path.stage,
              change: { mutationId: newId(), version: path.version },
            })
          }
        >
          Confirm {name}
        </Button>
      )}
      {move.error !== null && <p role="alert">{move.error.message}</p>}
    </>
  );
}

function Outlook({ path, today }: { path: AthletePath; today: Today | undefined }) {
  const gate = today?.gate ?? null;
  return (
    <Card strong label="Gate outlook">
      {gate === null ? (
        <h2>{today === undefined ? 'The gate' : 'The last stage has no gate'}</h2>
      ) : (
        <>
          <h2>{gate.outlook.sentence}</h2>
          {gate.news !== null && gate.news.sentence !== gate.next?.sentence && (
            <p role="note">{gate.news.sentence}</p>
          )}
          {gate.next !== null && <p>{gate.next.sentence}</p>}
          <p className={styles.quiet}>{gate.basis.sentence}</p>
          <GateCurve points={gate.curve} gate={gate.count} unit={GATE_UNIT[gate.measure]} />
        </>
      )}
      {path.provisional && <Confirm path={path} />}
      <p className={styles.acts}>
        <Link to={`/athletes/${path.athleteId}`} className="touch">
          Today’s set
        </Link>
        <Link to={`/sets/drills?for=${path.athleteId}`} className="touch">
          Drills for them
        </Link>
        <Link to={`/class/place/${path.athleteId}`} className="touch">
          Two minutes
        </Link>
      </p>
    </Card>
  );
}

function titleOf(
  first: string,
  path: AthletePath,
  today: Today | undefined,
  stageName: (code: string | undefined) => string,
): string {
  if (today !== undefined && today.allowance.jumping !== 'all') {
    return `${first}: no jumps today`;
  }
  const at = path.stages.findIndex((one) => one.stage === path.stage);
  const [before, here, after] = [at - 1, at, at + 1].map((i) => stageName(path.stages[i]?.stage));
  switch (today?.gate?.verdict) {
    case 'open':
      return `${first}: ready for ${after ?? ''}`;
    case 'nearly':
      return `${first}: at ${here ?? ''}, nearly ready for ${after ?? ''}`;
    case 'step-back':
      return `${first}: better back at ${before ?? ''}`;
    case 'not-yet':
      return `${first}: at ${here ?? ''}, not yet ready for ${after ?? ''}`;
    default:
      return `${first}: at ${here ?? ''}`;
  }
}
