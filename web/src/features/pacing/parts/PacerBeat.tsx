import { useMemo } from 'react';
import { useMetronome } from '../../../design/beat/useMetronome';

/** A knock for each landing, as fast as the plan jumps. */
export function PacerBeat({ secondsPerRep }: { secondsPerRep: number }) {
  const beats = useMemo(() => [{ kind: 'double', atS: 0, turnsS: [], endS: secondsPerRep }], [secondsPerRep]);
  useMetronome(beats, undefined, true);
  return <p role="status">{Math.round(60 / secondsPerRep)} a minute</p>;
}
