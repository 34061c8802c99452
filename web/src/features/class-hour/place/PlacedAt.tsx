import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { Placed } from '../../../api/placement';
import { useTonightsRopes } from '../../../api/rack';

/** Stage, cue, and the rope they get tonight. */
export function PlacedAt({ placed, athleteId, name }: { placed: Placed; athleteId: string; name: string }) {
  const rope = useTonightsRopes().data?.given.find((one) => one.athleteId === athleteId);
  const result = useRef<HTMLDivElement>(null);
  // On a phone it stands below what was touched.
  useEffect(() => {
    void result.current?.scrollIntoView({ block: 'center' });
  }, [placed]);
  return (
    <div role="status" ref={result}>
      {placed.reasons.map((reason) => (
        <p key={reason.code}>{reason.sentence}</p>
      ))}
      <p>
        <strong>{placed.drillTitle}</strong>: “{placed.cue}”
      </p>
      {rope?.tag != null && (
        <p>
          Rope tonight: <strong>{rope.tag}</strong>
        </p>
      )}
      <p>
        <Link to="/class" className="touch">
          {name} stands in the class
        </Link>
      </p>
    </div>
  );
}
