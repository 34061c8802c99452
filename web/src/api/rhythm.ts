import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { call, type Schemas } from './client';

export type PatternInTime = Schemas['PatternView'];
export type TakeInput = Schemas['TakeInput'];
export type TakeReport = Schemas['TakeView'];
export type FramesReading = Schemas['FramesView'];
export type JumpExplorer = Schemas['JumpExplorerView'];
export type JumpWay = Schemas['WayView'];

export function usePattern(notation: string, cadence: number) {
  const query = new URLSearchParams({ notation, cadence: String(cadence) }).toString();
  return useQuery({
    queryKey: ['pattern', query],
    queryFn: () => call<PatternInTime>('GET', `/api/pattern?${query}`),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

/** Where the beat is fetched from as a sound file. */
export function clickTrackPath(notation: string, cadence: number): string {
  return `/api/pattern/click.wav?${new URLSearchParams({ notation, cadence: String(cadence) }).toString()}`;
}

/** Reads what was tapped; nothing is kept. */
export function useReadTake() {
  return useMutation({
    mutationFn: (input: TakeInput) => call<TakeReport>('POST', '/api/takes/read', input),
  });
}

export interface Frames {
  framesPerS: number;
  takeOff: number;
  pass1: number;
  pass2: number;
  landing: number;
}

export function useFrames(frames: Frames | undefined) {
  const query = new URLSearchParams(
    Object.entries(frames ?? {}).map(([name, value]) => [name, String(value)]),
  ).toString();
  return useQuery({
    queryKey: ['frames', query],
    queryFn: () => call<FramesReading>('GET', `/api/frames?${query}`),
    enabled: frames !== undefined,
    staleTime: Infinity,
    retry: false,
  });
}

export interface JumpWish {
  passes: number;
  contactMs: number;
  handsOutCm: number;
  jumpCm: number;
}

export function useJumpExplorer(athleteId: string, wish: JumpWish) {
  const query = new URLSearchParams(
    Object.entries(wish).map(([name, value]) => [name, String(value)]),
  ).toString();
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'jump-explorer', query],
    queryFn: () => call<JumpExplorer>('GET', `/api/athletes/${athleteId}/jump-explorer?${query}`),
    placeholderData: keepPreviousData,
  });
}
