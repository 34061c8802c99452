import { useEffect, useState } from 'react';
import type { Strip } from '../../../api/classClock';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { BeatHead } from '../../../lib/beatHead';

interface Props {
  strip: Strip;
  /** Seconds since the phase began; null: it waits. */
  atS: number | null;
}

/** The beat of a station while the clock runs: the head goes through the strip and begins again. */
export function RunningStrip({ strip, atS }: Props) {
  const [head] = useState(() => new BeatHead());
  const length = strip.beats.at(-1)?.endS ?? 1;
  useEffect(() => {
    head.move(atS === null ? null : atS % length);
  }, [head, atS, length]);
  return <BeatStrip beats={strip.beats} text={strip.text} head={head} />;
}
