import { useState } from 'react';
import { useAthlete } from '../../../api/athletes';
import { useSizing, type School, type SizingWish, type Stance } from '../../../api/ropes';
import { useKept } from '../../../design/page/useKept';

/** What the coach has chosen on the bench so far; the server sizes and draws it. */
export function useRopeBench(athleteId: string) {
  const [wish, setWish] = useState<SizingWish>({});
  const athlete = useAthlete(athleteId);
  const sizing = useSizing(athleteId, wish);
  const view = useKept(athleteId, sizing.data);
  return {
    athlete,
    sizing,
    view,
    wish,
    // A length set by hand belongs to the school it was compared with.
    chooseSchool: (school: School) => setWish((now) => ({ ...without(now, 'cable'), school })),
    chooseStance: (stance: Stance | undefined) => setWish((now) => changed(now, 'stance', stance)),
    setHandle: (handle: string) => setWish((now) => changed(now, 'handle', handle.trim() || undefined)),
    setCable: (cable: string) => setWish((now) => changed(now, 'cable', cable.trim() || undefined)),
  };
}

export type RopeBench = ReturnType<typeof useRopeBench>;

function changed<Key extends keyof SizingWish>(
  wish: SizingWish,
  key: Key,
  value: SizingWish[Key] | undefined,
): SizingWish {
  return value === undefined ? without(wish, key) : { ...wish, [key]: value };
}

function without(wish: SizingWish, key: keyof SizingWish): SizingWish {
  return Object.fromEntries(Object.entries(wish).filter(([name]) => name !== key));
}
