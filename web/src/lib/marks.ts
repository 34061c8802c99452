/** When rope and feet met the floor, in seconds, ascending. */
export interface Marks {
  turnsS: number[];
  landingsS: number[];
}

export type Channel = keyof Marks;

/** Nobody tells two events apart that are so close. */
const LEAST_APART_S = 0.02;

export function withMark(marks: Marks, channel: Channel, at: number): Marks {
  const times = marks[channel];
  return at < 0 || times.some((one) => Math.abs(one - at) < LEAST_APART_S)
    ? marks
    : { ...marks, [channel]: [...times, at].sort((a, b) => a - b) };
}

export function withoutMark(marks: Marks, channel: Channel, at: number): Marks {
  return { ...marks, [channel]: marks[channel].filter((one) => one !== at) };
}

/** Elsewhere, unless another mark is there. */
export function movedMark(marks: Marks, channel: Channel, at: number, to: number): Marks {
  const left = withoutMark(marks, channel, at);
  const moved = withMark(left, channel, to);
  return moved === left ? marks : moved;
}

/** Of each jump, what the strip draws: its kind by its turns, `x` for a miss. */
export function beatsOf(marks: Marks, passes: number[]): { kind: string; atS: number; endS: number }[] {
  return passes.flatMap((count, i) => {
    const [atS, endS] = [marks.landingsS[i], marks.landingsS[i + 1]];
    return atS === undefined || endS === undefined
      ? []
      : [{ kind: ['x', 's', 'd', 't'][Math.min(count, 3)] ?? 't', atS, endS }];
  });
}
