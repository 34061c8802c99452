import type { Athlete } from '../../../api/athletes';
import { useInspectRope, useRope, useRopeTerms } from '../../../api/ropes';
import { Card } from '../../../design/page/Card';
import { InspectionList } from '../../../design/rope/InspectionList';
import { newId } from '../../../lib/ids';

/** The inspection of an athlete's own rope; without one, the list alone. */
export function InspectOwn({ athlete }: { athlete: Athlete }) {
  const points = useRopeTerms().data?.inspection ?? [];
  const rope = useRope(athlete.rope?.id);
  const inspect = useInspectRope();
  if (rope.data === undefined) {
    return (
      <Card label="Inspection">
        <h2>Before anybody jumps with it</h2>
        <ul>
          {points.map((point) => (
            <li key={point.code}>{point.sentence}</li>
          ))}
        </ul>
      </Card>
    );
  }
  const { id, version, inspection } = rope.data;
  return (
    <Card label="Inspection">
      <h2>Inspect {athlete.name.split(' ')[0]}’s own rope</h2>
      <InspectionList
        key={version}
        points={points}
        failed={inspection.failed}
        last={
          inspection.safe || inspection.on === null
            ? inspection.lookOver.sentence
            : `Failed on ${inspection.on}: not to be jumped with.`
        }
        pending={inspect.isPending}
        error={inspect.error}
        onDone={(failed) => inspect.mutate({ id, failed, change: { mutationId: newId(), version } })}
      />
    </Card>
  );
}
