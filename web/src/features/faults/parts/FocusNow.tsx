import { Button } from 'antd';
import type { Today } from '../../../api/classHour';
import { useFocus } from '../../../api/faults';
import { useMayChange } from '../../../api/session';

/** What the athlete works on already: one focus at a time, a new one takes its place. */
export function FocusNow({ first, focus }: { first: string; focus: Today['focus'] }) {
  const { takeOff } = useFocus();
  const mayChange = useMayChange();
  if (focus === null) {
    return <p style={{ marginTop: 16 }}>{first} has no cue but the drill’s own.</p>;
  }
  return (
    <section aria-label="Now" style={{ marginTop: 16 }}>
      <h2>{first} works on</h2>
      <p>
        {focus.cue.name}: “{focus.cue.cue}”
      </p>
      {mayChange && (
        <Button
          onClick={() => takeOff.mutate({ id: focus.id, version: focus.version })}
          loading={takeOff.isPending}
        >
          Take it off
        </Button>
      )}
      {takeOff.error !== null && <p role="alert">{takeOff.error.message}</p>}
    </section>
  );
}
