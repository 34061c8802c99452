import { useParams } from 'react-router';
import { useMayChange, useUnit } from '../../api/session';
import { RopeArc } from '../../design/RopeArc';
import { SpreadPlot } from '../../design/SpreadPlot';
import { Failed, Loading } from '../../design/StateNote';
import { Workbench } from '../../design/Workbench';
import { formatLength, formatLengthBare } from '../../lib/units';
import { BenchSubject } from './parts/BenchSubject';
import { Reasons } from './parts/Reasons';
import { RopeDecision } from './parts/RopeDecision';
import { useRopeBench } from './useRopeBench';
import type { School } from '../../api/ropes';
import styles from './RopeBenchPage.module.css';

export function RopeBenchPage() {
  const { athleteId = '' } = useParams();
  // Another athlete is another bench: no choice is carried over.
  return <Bench key={athleteId} athleteId={athleteId} />;
}

function Bench({ athleteId }: { athleteId: string }) {
  const bench = useRopeBench(athleteId);
  const unit = useUnit();
  const mayChange = useMayChange();
  const { athlete, sizing } = bench;
  if (athlete.isError) {
    return (
      <Workbench title="This rope could not be sized">
        <Failed error={athlete.error} onRetry={() => void athlete.refetch()} />
      </Workbench>
    );
  }
  if (athlete.isPending || (sizing.isPending && !sizing.isError)) {
    return (
      <Workbench title="Rope bench">
        <Loading what="the rope" />
      </Workbench>
    );
  }
  const { view } = bench;
  if (view === undefined) {
    return (
      <Workbench
        title="This rope could not be sized"
        subject={<BenchSubject bench={bench} athlete={athlete.data} unit={unit} refused={sizing.error} />}
      >
        {sizing.error !== null && <Failed error={sizing.error} onRetry={() => void sizing.refetch()} />}
      </Workbench>
    );
  }
  return (
    <Workbench
      title={view.turning.headline.sentence}
      subject={<BenchSubject bench={bench} athlete={athlete.data} unit={unit} refused={sizing.error} />}
      decision={
        <>
          <RopeDecision
            bench={bench}
            athlete={athlete.data}
            sizing={view}
            unit={unit}
            mayChange={mayChange}
          />
          <div className={styles.spread}>
            <SpreadPlot
              rows={view.schools.map((rope) => ({
                key: rope.school,
                name: `${rope.schoolName} · ${rope.reading === 'overall' ? 'no landmark' : rope.readingName}`,
                cableM: rope.cableLengthM,
                printed: formatLengthBare(rope.cableLengthM, unit),
              }))}
              chosen={bench.wish.school ?? view.chosen}
              recommended={view.recommended}
              onChoose={(school) => bench.chooseSchool(school as School)}
            />
          </div>
        </>
      }
    >
      <p className={styles.caption}>Front view, true to scale; the dotted half passes over the head.</p>
      <RopeArc
        body={view.figure}
        turning={view.turning}
        handleLengthM={view.handleLengthM}
        labels={{
          stature: `${formatLength(view.figure.statureM, unit)} tall`,
          hands: `hands at ${formatLength(view.figure.handHeightM, unit)}`,
        }}
      />
      <Reasons sizing={view} />
    </Workbench>
  );
}
