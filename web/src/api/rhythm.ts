import { keepPreviousData, skipToken, useMutation, useQuery } from '@tanstack/react-query';
import { athletesKey } from './athletes';
import { judgedOf, madeOf } from './changes';
import { call, href, type Schemas } from './client';

export type PatternInTime = Schemas['PatternView'];
export type TakeInput = Schemas['TakeInput'];
export type TakeReport = Schemas['TakeView'];
export type FramesReading = Schemas['FramesView'];
export type JumpExplorer = Schemas['JumpExplorerView'];
export type JumpWay = Schemas['WayView'];

export function usePattern(notation: string, cadence: number, athleteId?: string) {
  const query = { notation, cadence, ...(athleteId === undefined ? {} : { athleteId }) };
  return useQuery({
    queryKey: ['pattern', query],
    queryFn: () => call('GET', '/api/pattern', { query }),
    placeholderData: keepPreviousData,
    // A pattern stays what it is; how likely somebody makes it does not.
    staleTime: athleteId === undefined ? Infinity : 0,
    ...judgedOf(),
    retry: false,
  });
}

/** Where the beat is fetched from as a sound file. */
export function clickTrackPath(notation: string, cadence: number): string {
  return href('/api/pattern/click.wav', { query: { notation, cadence } });
}

/** Reads what was tapped; nothing is kept. */
export function useReadTake() {
  return useMutation({
    mutationFn: (input: TakeInput) => call('POST', '/api/takes/read', { body: input }),
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
  return useQuery({
    queryKey: ['frames', frames],
    queryFn: frames === undefined ? skipToken : () => call('GET', '/api/frames', { query: frames }),
    staleTime: Infinity,
    retry: false,
  });
}

export interface JumpWish {
  passes: number;
  contactMs: number;
  handsOutCm: number;
  jumpCm: number;
  highCm: number;
  lowCm: number;
  massKg: number;
}

export function useJumpExplorer(athleteId: string, wish: JumpWish) {
  return useQuery({
    queryKey: [...athletesKey, athleteId, 'jump-explorer', wish],
    queryFn: () => call('GET', '/api/athletes/{id}/jump-explorer', { path: { id: athleteId }, query: wish }),
    ...madeOf('athlete', 'rope', 'gym'),
    placeholderData: keepPreviousData,
  });
}
