import { useState, type ReactNode } from 'react';
import { useEntryLog } from '../../../api/entries';
import { useRelay, type Relay } from '../../../api/games';
import { FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { SetsNav } from '../../../design/frame/SetsNav';
import { Card } from '../../../design/page/Card';
import { PlainButton } from '../../../design/page/PlainButton';
import { Failed, Loading } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { formatDuration } from '../../../lib/duration';
import styles from './Games.module.css';

/** Partner relays: teams about as fast as each other, by the time each member is expected to take. */
export function RelayGame({ head }: { head: ReactNode }) {
  const [teams, setTeams] = useState(2);
  const [reps, setReps] = useState(20);
  const relay = useRelay(teams, reps);
  return (
    <Workbench
      title={
        relay.data === undefined
          ? 'A relay'
          : `${relay.data.teams.length} teams, ${Math.round(relay.data.spreadS)} s between the quickest and the slowest`
      }
      nav={<SetsNav />}
      subject={
        <>
          {head}
          <div style={{ marginTop: 14 }}>
            <FieldStack>
              <NumberField label="Teams" least={2} most={10} value={teams} onChange={setTeams} />
              <NumberField label="Reps of each leg" least={1} most={200} value={reps} onChange={setReps} />
            </FieldStack>
          </div>
        </>
      }
      decision={
        <Card strong label="How it goes">
          <h2>How it goes</h2>
          <p>
            One jumps their leg, restarts count, then claps the next one in. Tap a name when their leg is
            done: it is logged.
          </p>
          {relay.data !== undefined && relay.data.left > 0 && (
            <p role="note">
              {relay.data.left} of the class may not jump today and {relay.data.left === 1 ? 'is' : 'are'} in
              no team.
            </p>
          )}
        </Card>
      }
    >
      {relay.isError && <Failed error={relay.error} onRetry={() => void relay.refetch()} />}
      {relay.data === undefined && relay.isPending && <Loading what="the teams" />}
      {relay.data !== undefined && <Teams key={`${teams} ${reps}`} relay={relay.data} reps={reps} />}
    </Workbench>
  );
}

function Teams({ relay, reps }: { relay: Relay; reps: number }) {
  const { log } = useEntryLog();
  const [done, setDone] = useState<string[]>([]);
  return (
    <div className={styles.teams}>
      {relay.teams.map((team, i) => (
        <section key={i} aria-label={`Team ${i + 1}`}>
          <h2>
            Team {i + 1} <small>about {formatDuration(team.seconds)}</small>
          </h2>
          <ol>
            {team.runners.map((one) => (
              <li key={one.athleteId}>
                <PlainButton
                  onClick={() => {
                    if (!done.includes(one.athleteId)) {
                      log(
                        { athleteId: one.athleteId, name: one.firstName, drill: relay.code },
                        { kind: 'sum', reps, misses: 0, end: null, clean: true },
                      );
                      setDone([...done, one.athleteId]);
                    }
                  }}
                >
                  {one.firstName}: {one.what}
                  {done.includes(one.athleteId) ? ', done' : ''}
                </PlainButton>{' '}
                <span>about {Math.round(one.seconds)} s</span>
              </li>
            ))}
          </ol>
          {team.twice !== null && <p>One short: {team.twice} jumps twice.</p>}
        </section>
      ))}
    </div>
  );
}
