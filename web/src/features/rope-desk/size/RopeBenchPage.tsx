import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { useMayChange, useUnit } from '../../../api/session';
import { SpreadPlot } from '../../../design/rope/SpreadPlot';
import { Empty, Failed, Loading } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { formatLength, formatLengthBare, type LengthUnit } from '../../../lib/units';
import { BenchNav } from '../BenchNav';
import { BenchPicture } from './BenchPicture';
import { BenchSubject } from './BenchSubject';
import { Reasons } from './Reasons';
import { RopeDecision } from './RopeDecision';
import { useMovedHands } from './useMovedHands';
import { useRopeBench } from './useRopeBench';
import type { School, SchoolRope, Sizing } from '../../../api/ropes';
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
        nav={<BenchNav athleteId={athleteId} />}
        subject={
          <BenchSubject
            bench={bench}
            athlete={athlete.data}
            unit={unit}
            refused={sizing.error}
            mayChange={mayChange}
          />
        }
      >
        {sizing.error !== null && <Failed error={sizing.error} onRetry={() => void sizing.refetch()} />}
      </Workbench>
    );
  }
  return (
    <MovedBench
      athleteId={athleteId}
      sizing={view}
      unit={unit}
      subject={
        <BenchSubject
          bench={bench}
          athlete={athlete.data}
          unit={unit}
          refused={sizing.error}
          mayChange={mayChange}
        />
      }
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
                name: nameOf(rope, view.handleLengthM !== null),
                lengthM: rope.cableLengthM ?? rope.overallLengthM ?? 0,
                printed: printed(rope, unit),
              }))}
              what={view.handleLengthM === null ? 'overall' : 'cable'}
              chosen={bench.wish.school ?? view.chosen}
              recommended={view.recommended}
              help={<WhereFrom of="the spread">{view.sources.spread}</WhereFrom>}
              onChoose={(school) => bench.chooseSchool(school as School)}
            />
          </div>
        </>
      }
      reasons={<Reasons sizing={view} />}
      onHandle={bench.setHandle}
    />
  );
}

interface MovedProps {
  athleteId: string;
  sizing: Sizing;
  unit: LengthUnit;
  subject: ReactNode;
  decision: ReactNode;
  reasons: ReactNode;
  onHandle: (handle: string) => void;
}

/** Short, usual and long ones: a touch, or typed at the left. */
const commonHandlesM = [0.12, 0.15, 0.17];

/**
 * What changes while a hand is dragged: title and picture. The rest is made above, so that it is not drawn again with
 * them; and it stays in the page when the handles become known, so that nobody loses their place in it.
 */
function MovedBench({ athleteId, sizing, unit, subject, decision, reasons, onHandle }: MovedProps) {
  const { turning, handleLengthM } = sizing;
  const moved = useMovedHands(athleteId, turning?.cableLengthM ?? null, sizing.handLimits);
  return (
    <Workbench
      nav={<BenchNav athleteId={athleteId} />}
      title={
        (moved.turning ?? turning)?.headline.sentence ?? 'Ask for the handles: the cable depends on them'
      }
      subject={subject}
      decision={decision}
    >
      {turning === null ? (
        <AskHandles unit={unit} onHandle={onHandle} />
      ) : (
        <BenchPicture
          sizing={sizing}
          home={turning}
          handleLengthM={handleLengthM ?? 0}
          moved={moved}
          unit={unit}
        />
      )}
      {reasons}
    </Workbench>
  );
}

function AskHandles({ unit, onHandle }: Pick<MovedProps, 'unit' | 'onHandle'>) {
  return (
    <Empty
      action={
        <span style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
          {commonHandlesM.map((handle) => (
            <Button key={handle} size="large" onClick={() => onHandle(`${Math.round(handle * 100)} cm`)}>
              {formatLength(handle, unit)} handles
            </Button>
          ))}
        </span>
      }
    >
      The arc is drawn once the handles are known: measure one, from end to end. Until then go on with the
      overall length.
    </Empty>
  );
}

/** A method by its school and what is held; the one whose cable stands without handles says that it is the cable. */
function nameOf(rope: SchoolRope, handlesKnown: boolean): string {
  const held = rope.reading === 'overall' ? 'no landmark' : rope.readingName;
  return `${rope.schoolName} · ${held}${!handlesKnown && rope.overallLengthM === null ? ' (cable)' : ''}`;
}

/** The cable; where the handles are not known, whichever length stands without them. */
function printed(rope: SchoolRope, unit: LengthUnit): string {
  return formatLengthBare(rope.cableLengthM ?? rope.overallLengthM ?? 0, unit);
}
