import type { ClassAthlete } from '../../../api/classHour';
import type { Me } from '../../../api/session';

export interface Step {
  name: string;
  to: string;
  done: boolean;
}

interface Known {
  gym: NonNullable<Me['gym']>;
  hall: readonly ClassAthlete[];
  withoutRope: number;
  shared: number;
  /** Who may sign in, and links that are out. */
  people: number;
}

/** What a gym's first evening needs, each done by doing it. */
export function firstSteps({ gym, hall, withoutRope, shared, people }: Known): Step[] {
  const some = hall.length > 0;
  return [
    { name: 'Set up the gym', to: '/gym/settings', done: true },
    { name: 'Paste your list of athletes', to: '/athletes/list', done: some },
    { name: 'Keep everybody’s rope', to: '/ropes/first', done: some && withoutRope === 0 },
    { name: 'Write down the ropes on your rack', to: '/ropes/rack', done: shared > 0 },
    {
      name: 'Say how high the hall is, or how long your handles are',
      to: '/gym/settings',
      done: gym.ceilingM !== null || gym.handleM !== null,
    },
    { name: 'Invite a coach or a helper', to: '/gym/people', done: people > 1 },
    {
      name: 'Touch somebody in the hall and log the first set',
      to: '/class',
      done: hall.some((one) => one.entriesToday > 0 || one.bests.length > 0),
    },
  ];
}
