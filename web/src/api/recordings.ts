import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import type { Marks } from '../lib/marks';
import { call, fetchFile, href, sendFile, type Schemas } from './client';
import { useSending } from './useSending';

export type Recording = Schemas['RecordingView'];
export type HeardTake = Schemas['HeardTakeView'];
export type SensorRun = Schemas['SensorRunView'];
export type SensorInput = Schemas['SensorInput'];
/** What an invented jumper does wrong. */
export type JumperFault = NonNullable<SensorInput['fault']>;

/** Where a kept recording is listened to. */
export function soundOf({ id }: Recording): string {
  return href('/api/recordings/{id}/sound.wav', { path: { id } });
}

/** While it is being heard, the page asks this often. */
const ASK_MS = 500;

export function isBeingHeard(one: Recording): boolean {
  return one.state === 'waiting' || one.state === 'reading';
}

export function useSendRecording() {
  return useSending(({ file, keep }: { file: Blob; keep: boolean }, onSent) =>
    sendFile(
      'PUT',
      '/api/recordings/{id}',
      { path: { id: newId() }, ...(keep ? { query: { keep: true } } : {}) },
      file,
      'audio/wav',
      onSent,
    ),
  );
}

export function useRecording(id: string | null) {
  return useQuery({
    queryKey: ['recording', id],
    queryFn: () => call('GET', '/api/recordings/{id}', { path: { id: id ?? '' } }),
    enabled: id !== null,
    refetchInterval: (query) =>
      query.state.data !== undefined && isBeingHeard(query.state.data) ? ASK_MS : false,
    retry: false,
  });
}

export function useThrowAway() {
  return useMutation({
    mutationFn: (one: Recording) =>
      call('DELETE', '/api/recordings/{id}', {
        path: { id: one.id },
        change: { mutationId: newId(), version: one.version },
      }),
  });
}

/** A recording of somebody invented, as a file. */
export function useInvented() {
  return useMutation({
    mutationFn: (fault: JumperFault) =>
      fetchFile('GET', '/api/takes/example.wav', { query: { fault, seed: Date.now() % 1000 } }),
  });
}

/**
 * What the marks say now; asked again whenever they change. A take that was just heard brings its own report: as long as
 * nobody has moved a mark, nothing is asked.
 */
export function useTakeReport(marks: Marks | null, target: string | null, heard: HeardTake | null) {
  const asHeard =
    target === null && heard?.turnsS === marks?.turnsS && heard?.landingsS === marks?.landingsS
      ? (heard?.report ?? undefined)
      : undefined;
  return useQuery({
    queryKey: ['take', marks, target],
    queryFn: () => call('POST', '/api/takes/read', { body: { turnsS: [], landingsS: [], ...marks, target } }),
    enabled: marks !== null && marks.landingsS.length > 1,
    ...(asHeard === undefined ? {} : { initialData: asHeard }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

export function useEventFile() {
  return useMutation({
    mutationFn: (file: File) => sendFile('POST', '/api/takes/from-csv', {}, file, 'text/csv'),
  });
}

/** Saves the marks as an event file on this device. */
export function useSaveEvents() {
  return useMutation({
    mutationFn: (marks: Marks) => fetchFile('POST', '/api/takes/to-csv', { body: marks }),
    onSuccess: (file) => {
      const link = document.createElement('a');
      link.href = URL.createObjectURL(file);
      link.download = 'zumbo-events.csv';
      link.click();
      URL.revokeObjectURL(link.href);
    },
  });
}

export function useStartSensor() {
  return useMutation({
    mutationFn: (input: SensorInput) =>
      call('PUT', '/api/sensor/{id}', { path: { id: newId() }, body: input }),
  });
}

export function useStopSensor() {
  return useMutation({
    mutationFn: (run: SensorRun) =>
      call('DELETE', '/api/sensor/{id}', {
        path: { id: run.id },
        change: { mutationId: newId(), version: run.version },
      }),
  });
}
