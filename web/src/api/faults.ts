import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import { athletesKey } from './athletes';
import { madeOf } from './changes';
import { call, type Schemas } from './client';
import { useWriteOf } from './writes';

export type SignGroup = Schemas['SignGroupView'];
export type SignCode = Schemas['Sign'];
export type Diagnosis = Schemas['DiagnosisView'];
export type RankedFault = Schemas['RankedFaultView'];
export type Cue = Schemas['CueView'];
export type FocusInput = Schemas['FocusInput'];

export function useSigns() {
  return useQuery({
    queryKey: ['signs'],
    queryFn: () => call('GET', '/api/signs'),
    staleTime: Infinity,
  });
}

export type Outcome = Schemas['CueOutcome'];

/** What was noted of signs, the rope and how tired they are; signs that stand nowhere were not looked at. */
export interface Noted {
  signs: Partial<Record<SignCode, 'seen' | 'fine' | 'untold'>>;
  ropeChecked: boolean;
  ropeInspected: boolean;
  tired: '' | 'yes' | 'no';
  effort: number | null;
}

export const nothingNoted: Noted = {
  signs: {},
  ropeChecked: false,
  ropeInspected: false,
  tired: '',
  effort: null,
};

export function notedAs(noted: Noted, as: 'seen' | 'fine' | 'untold'): SignCode[] {
  return (Object.keys(noted.signs) as SignCode[]).filter((sign) => noted.signs[sign] === as);
}

/** What numbers of another place said, as its link to the board carries it; words that are no sign are let be. */
export function notedInAddress(params: URLSearchParams, groups: SignGroup[]): Noted {
  const known = new Set<string>(groups.flatMap((group) => group.signs.map(({ code }) => code)));
  const signs: Noted['signs'] = {};
  for (const [name, mark] of [
    ['fine', 'fine'],
    ['signs', 'seen'],
  ] as const) {
    for (const word of params.get(name)?.split(',') ?? []) {
      if (known.has(word)) {
        signs[word as SignCode] = mark;
      }
    }
  }
  return { ...nothingNoted, signs };
}

/** @param asked false: nothing is asked, they may not jump */
export function useDiagnosis(athleteId: string, noted: Noted, asked: boolean) {
  const yesNo = (is: boolean) => (is ? 'yes' : 'no');
  const query = {
    signs: notedAs(noted, 'seen').join(','),
    fine: notedAs(noted, 'fine').join(','),
    untold: notedAs(noted, 'untold').join(','),
    ropeChecked: yesNo(noted.ropeChecked),
    ropeInspected: yesNo(noted.ropeInspected),
    tired: noted.tired,
    ...(noted.effort === null ? {} : { effort: noted.effort }),
  } as const;
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'diagnosis', query],
    queryFn: () => call('GET', '/api/athletes/{id}/diagnosis', { path: { id: athleteId }, query }),
    enabled: asked && (query.signs !== '' || noted.tired === 'yes'),
    ...madeOf('athlete', 'rope', 'focus', 'go'),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

/** Gives an athlete a focus, or takes it off. */
export function useFocus() {
  const give = useWriteOf(['focus'], ({ id, input }: { id: string; input: FocusInput }) =>
    call('PUT', '/api/focuses/{id}', { path: { id }, body: input }),
  );
  const takeOff = useWriteOf(['focus'], ({ id, version }: { id: string; version: number }) =>
    call('DELETE', '/api/focuses/{id}', { path: { id }, change: { mutationId: newId(), version } }),
  );
  return { give, takeOff };
}

/** Logs what came of a go under a cue by one touch, and takes one back. */
export function useGoes(focusId: string) {
  const write = useWriteOf(['go'], ({ id, outcome }: { id: string; outcome: Outcome }) =>
    call('PUT', '/api/goes/{id}', { path: { id }, body: { focusId, outcome } }),
  );
  const undo = useWriteOf(['go'], ({ id, version }: { id: string; version: number }) =>
    call('DELETE', '/api/goes/{id}', { path: { id }, change: { mutationId: newId(), version } }),
  );
  return {
    log: (outcome: Outcome, done: (go: { id: string; version: number }) => void) =>
      write.mutate({ id: newId(), outcome }, { onSuccess: done }),
    takeBack: (go: { id: string; version: number }) => undo.mutate(go),
    error: write.error ?? undo.error,
  };
}
