import { useState } from 'react';
import type { Athlete } from '../../../api/athletes';
import { usePacedRuns, useRemoveRun, type PacedRun, type PacedRuns } from '../../../api/pacing';
import { useOutbox } from '../../../api/OutboxProvider';
import { Card } from '../../../design/page/Card';
import { PlainButton } from '../../../design/page/PlainButton';
import { Failed, Loading } from '../../../design/page/StateNote';
import { formatDuration } from '../../../lib/duration';
import { saysBehind, saysLeg } from '../../../lib/pacer';
import styles from './legs.module.css';

const SHOWN = 5;

/** The workouts so far: plan against fact with the one thing to change, and how many forecasts of the gym held. */
export function PacedSoFar({ athlete }: { athlete: Athlete }) {
  const runs = usePacedRuns(athlete.id);
  const { waiting } = useOutbox();
  const unsent = waiting.filter(({ deed }) => deed === 'run').length;
  const [all, setAll] = useState(false);
  const remove = useRemoveRun();
  const [gone, setGone] = useState<PacedRun | null>(null);
  if (runs.isError) {
    return <Failed error={runs.error} onRetry={() => void runs.refetch()} />;
  }
  if (runs.data === undefined) {
    return <Loading what="the runs" />;
  }
  const { calibration, runs: kept } = runs.data;
  return (
    <Card label="So far">
      <h2>{kept[0] === undefined ? 'No plan held against fact yet' : kept[0].change.sentence}</h2>
      {unsent > 0 && <p role="status">{unsent} waits on this device for the server.</p>}
      <p>{calibration.sentence}.</p>
      <Calibrated runs={runs.data} />
      {gone !== null && (
        <p role="status">
          Taken away.{' '}
          <PlainButton onClick={() => remove.mutate(gone, { onSuccess: () => setGone(null) })}>
            Undo
          </PlainButton>
        </p>
      )}
      {kept.length > 0 && <p>The bar is the band that was said before, the mark what it took.</p>}
      <ul className={styles.runs} aria-label="Plan against fact">
        {kept.slice(0, all ? kept.length : SHOWN).map((run) => (
          <Run
            key={run.id}
            run={run}
            onRemove={() => remove.mutate(run, { onSuccess: (answer) => setGone(answer) })}
          />
        ))}
      </ul>
      {kept.length > SHOWN && (
        <PlainButton onClick={() => setAll(!all)}>{all ? 'Fewer' : `All ${String(kept.length)}`}</PlainButton>
      )}
    </Card>
  );
}

/** Of all forecasts of the gym: quicker than the band, in it, slower; the ticks stand where one in ten and nine in ten ought to. */
function Calibrated({ runs: { quicker, held, slower, of } }: { runs: PacedRuns }) {
  if (of === 0) {
    return null;
  }
  const share = (count: number) => `${String((100 * count) / of)}%`;
  return (
    <svg
      className={styles.calibrated}
      role="img"
      aria-label={`Quicker than the band ${String(quicker)}, in it ${String(held)}, slower ${String(slower)}`}
    >
      <rect className={styles.outside} x="0" y="4" width={share(quicker)} height="14" />
      <rect className={styles.inside} x={share(quicker)} y="4" width={share(held)} height="14" />
      <rect className={styles.outside} x={share(quicker + held)} y="4" width={share(slower)} height="14" />
      <line className={styles.tick} x1="10%" x2="10%" y1="0" y2="22" />
      <line className={styles.tick} x1="90%" x2="90%" y1="0" y2="22" />
    </svg>
  );
}

function Run({ run, onRemove }: { run: PacedRun; onRemove: () => void }) {
  const day = new Date(run.startedAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
  return (
    <li>
      <strong>
        {day}: {formatDuration(run.takenS)}
      </strong>{' '}
      planned {formatDuration(run.plannedS)}
      {run.p90S > run.p10S && (
        <>
          , said {formatDuration(run.p10S)} to {formatDuration(run.p90S)}
        </>
      )}
      {run.misses !== null && (
        <>
          ; {run.misses} missed, about {Math.round(run.expectedMisses)} expected
        </>
      )}
      {run.held !== null && <Band run={run} held={run.held} />}
      <p className={styles.change}>{run.change.sentence}.</p>
      <details>
        <summary>{run.workout}</summary>
        <ol>
          {run.legs.map((leg, i) => (
            <li key={i}>
              {saysLeg(leg)}:{' '}
              {leg.doneS === null || leg.doneS === undefined
                ? 'not touched'
                : `${formatDuration(leg.doneS)}, ${saysBehind(leg.doneS - leg.endS)}`}
              {(leg.missed ?? 0) > 0 && `, missed ${String(leg.missed)}`}
            </li>
          ))}
        </ol>
        <PlainButton onClick={onRemove}>Take it away</PlainButton>
      </details>
    </li>
  );
}

/** The band as it was said, and where the fact fell; on a scale that holds both. */
function Band({ run, held }: { run: PacedRun; held: boolean }) {
  const least = Math.min(run.p10S, run.takenS);
  const most = Math.max(run.p90S, run.takenS);
  const room = (most - least) * 0.15;
  const x = (seconds: number) => (100 * (seconds - least + room)) / (most - least + 2 * room);
  return (
    <svg
      className={styles.band}
      role="img"
      aria-label={
        held ? 'The band held' : run.takenS > run.p90S ? 'Slower than the band' : 'Quicker than the band'
      }
    >
      <line className={styles.track} x1="0" x2="100%" y1="13" y2="13" />
      <line
        className={held ? styles.held : styles.off}
        x1={`${String(x(run.p10S))}%`}
        x2={`${String(x(run.p90S))}%`}
        y1="13"
        y2="13"
      />
      <rect className={styles.fact} x={`${String(x(run.takenS))}%`} y="3" width="4" height="20" />
    </svg>
  );
}
