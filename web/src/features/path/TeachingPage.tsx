import { useChooseGymWays, useGymGates, useGymWays } from '../../api/path';
import { useMayChange, useMe } from '../../api/session';
import { GymNav } from '../../design/frame/GymNav';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Failed, Loading } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';
import { Decisions } from './parts/Decisions';
import { StageGates } from './parts/StageGates';
import { WayList } from './parts/WayList';
import styles from './path.module.css';

/** How a gym teaches, and what it asks at each stage. */
export function TeachingPage() {
  const ways = useGymWays();
  const gates = useGymGates();
  const choose = useChooseGymWays();
  const mayChange = useMayChange();
  const owns = useMe().data?.coach?.role === 'owner';
  return (
    <Fetched fetch={ways} place="How you teach" what="how the gym teaches">
      {(known) => (
        <Workbench
          title={`${known.ways.find((way) => way.question === 'method')?.options.find((one) => one.answer === known.ways[0]?.answer)?.label ?? 'How you teach'}: so doubles are taught here`}
          nav={<GymNav />}
          decision={
            <Card strong label="What it changes">
              <h2>What it changes</h2>
              <p>
                Drills, next steps, ladders, gates, cues, and what counts as a fault: on every screen, in
                print and in files. An athlete may be taught otherwise, on their own Path.
              </p>
              <p>What was logged stays as it is.</p>
            </Card>
          }
        >
          <div className={styles.stack}>
            <Card label="How you teach">
              <h2>How you teach</h2>
              {!owns && <p>Owners choose for the gym.</p>}
              <WayList
                ways={known.ways}
                otherwise="as is usual"
                mayChange={owns}
                pending={choose.isPending}
                onChoose={(wanted) =>
                  choose.mutate({ ways: wanted, change: { mutationId: newId(), version: known.version } })
                }
              />
              {choose.isError && <p role="alert">{choose.error.message}</p>}
            </Card>
            <Card label="Gates">
              <h2>What each stage asks</h2>
              {gates.isError && <Failed error={gates.error} onRetry={() => void gates.refetch()} />}
              {gates.isPending && <Loading what="the gates" />}
              {gates.data !== undefined && (
                <>
                  <StageGates stages={gates.data.stages} mayChange={mayChange} />
                  <h3>What was decided</h3>
                  <Decisions decisions={gates.data.decisions} mayChange={mayChange} />
                </>
              )}
            </Card>
          </div>
        </Workbench>
      )}
    </Fetched>
  );
}
