import { Button } from 'antd';
import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { useRope } from '../../../api/ropes';
import { useUnit } from '../../../api/session';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { RopeVerdict } from '../../../design/rope/RopeVerdict';
import { formatLength, type LengthUnit } from '../../../lib/units';
import type { Rope } from '../../../api/ropes';
import { BenchFrame, BenchPage } from '../size/BenchPage';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from './RopeCardPage.module.css';

/** The rope on a card, for the athlete's bag; printed at its true size. */
export function RopeCardPage() {
  return (
    <BenchPage place="Rope card">
      {(athlete) =>
        athlete.rope === null ? (
          <BenchFrame athlete={athlete} title="No rope yet, so no card">
            <Empty>
              A card says how a rope was sized: <Link to={`/ropes/${athlete.id}`}>size one</Link> first.
            </Empty>
          </BenchFrame>
        ) : (
          <CardOf athlete={athlete} ropeId={athlete.rope.id} />
        )
      }
    </BenchPage>
  );
}

function CardOf({ athlete, ropeId }: { athlete: Athlete; ropeId: string }) {
  const rope = useRope(ropeId);
  const unit = useUnit();
  return (
    <Fetched fetch={rope} place="Rope card" what="the rope">
      {(one) => (
        <BenchFrame
          athlete={athlete}
          title="A card for the bag"
          decision={
            <div className="no-print">
              <RopeVerdict verdict={athlete.ropeVerdict} />
              <AtThumb>
                <Button type="primary" size="large" block onClick={() => window.print()}>
                  Print the card
                </Button>
              </AtThumb>
              <p>Printed as large as it is drawn, 105 × 74 mm (A7).</p>
            </div>
          }
        >
          <article className={styles.card} aria-label={`Rope card of ${athlete.name}`}>
            <h2>{athlete.name}</h2>
            <p className={styles.cable}>{formatLength(one.cableLengthM, unit)}</p>
            <dl>
              {facts(one, unit).map(([name, value]) => (
                <div key={name}>
                  <dt>{name}</dt>
                  <dd>{value}</dd>
                </div>
              ))}
            </dl>
            <p className={styles.foot}>
              Measure again in the same stance. Check cable, screws and ends before each use.
            </p>
          </article>
        </BenchFrame>
      )}
    </Fetched>
  );
}

function facts(rope: Rope, unit: LengthUnit): [string, string][] {
  return [
    ['Cable', 'between the handles'],
    ['Handles', `${formatLength(rope.handleLengthM, unit)} each`],
    ['Made of', rope.familyName],
    ['Sized by', `${rope.schoolName}, ${rope.stanceName}`],
    ['Tails', rope.tailsCutOn === null ? 'whole: can be let out' : `cut on ${rope.tailsCutOn}`],
  ];
}
