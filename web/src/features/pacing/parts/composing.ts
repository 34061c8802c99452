import type { WorkoutRead } from '../../../api/pacing';

type Workout = NonNullable<WorkoutRead['workout']>;
type Kind = 'doubles' | 'singles' | 'work' | 'rest';

export interface FormStation {
  kind: Kind;
  name: string;
  /** 0: none are counted. */
  reps: number;
  seconds: number;
}

/** A workout whose rounds are alike, as fields. */
export interface WorkoutFields {
  form: Workout['form'];
  rounds: number;
  windowS: number;
  betweenS: number;
  stations: FormStation[];
  /** Null: none. */
  capS: number | null;
}

/** Null: its rounds differ, or it holds what the fields don't. */
export function fieldsOf(workout: Workout): WorkoutFields | null {
  const [first] = workout.rounds;
  const alike = workout.rounds.every((round) => JSON.stringify(round) === JSON.stringify(first));
  if (first === undefined || !alike || first.some(({ kind }) => kind === 'tries')) {
    return null;
  }
  return {
    form: workout.form,
    rounds: workout.rounds.length,
    windowS: workout.windowS,
    betweenS: workout.betweenS,
    stations: first.map(({ kind, name, reps, seconds }) => ({ kind: kind as Kind, name, reps, seconds })),
    capS: workout.capS,
  };
}

/** The same as text, which the server reads: there is one way in. */
export function textOf({ form, rounds, windowS, betweenS, stations, capS }: WorkoutFields): string {
  const head = {
    'for-time': `${String(rounds)} rounds`,
    'many-rounds': `as many rounds as fit in ${time(windowS)}`,
    'every-minutes': `every ${time(windowS)}, ${String(rounds)} times`,
    intervals: `${String(rounds)} times ${time(windowS)} on, ${time(betweenS)} off`,
  }[form];
  const cap = capS === null ? '' : `; cap ${time(capS)}`;
  return `${head}: ${stations.map(stationText).join(', ')}${cap}`;
}

function stationText({ kind, name, reps, seconds }: FormStation): string {
  const count = reps > 0 ? `${String(reps)} ` : '';
  return kind === 'rest'
    ? `rest ${time(seconds)}`
    : kind === 'work'
      ? `${count}${name} ${time(seconds)}`
      : `${count}${kind}`;
}

function time(seconds: number): string {
  return seconds >= 60
    ? `${String(Math.floor(seconds / 60))}:${String(seconds % 60).padStart(2, '0')}`
    : `${String(seconds)} s`;
}
