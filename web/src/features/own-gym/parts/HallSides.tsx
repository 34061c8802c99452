import type { Schemas } from '../../../api/client';
import { formatLong } from '../../../lib/units';
import { LengthSetting } from './settings';

type Gym = Schemas['GymView'];
type Side = 'hallWidth' | 'hallDepth' | 'matWidth' | 'matDepth';

interface Props {
  gym: Gym;
  field: (name: Side) => { error: string | null; pending: boolean };
  keep: (what: Partial<Record<Side, string>>) => void;
}

/** How large the hall and its mat are: the plan of the class is drawn to it. */
export function HallSides({ gym, field, keep }: Props) {
  const side = (name: Side, label: string, effect: string, metres: number | null, example: number) => (
    <LengthSetting
      label={label}
      effect={effect}
      value={metres === null ? '' : formatLong(metres, gym.unit)}
      example={formatLong(example, gym.unit)}
      {...field(name)}
      onKeep={(typed) => keep({ [name]: typed })}
    />
  );
  return (
    <>
      {side('hallWidth', 'Width of the hall', 'Along the front, where the coach stands.', gym.hallWidthM, 14)}
      {side('hallDepth', 'Depth of the hall', 'The plan says who has no room to jump.', gym.hallDepthM, 9)}
      {side(
        'matWidth',
        'Width of the mat',
        'Everybody stands on it; empty: on the whole floor.',
        gym.matWidthM,
        10,
      )}
      {side('matDepth', 'Depth of the mat', 'In the middle of the hall.', gym.matDepthM, 6)}
    </>
  );
}
