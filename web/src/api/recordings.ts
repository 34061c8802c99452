import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { newId } from '../lib/ids';
import type { Marks } from '../lib/marks';
import { call, fetchFile, sendFile, type Schemas } from './client';
import type { TakeReport } from './rhythm';
import { useSending } from './useSending';

export type Recording = Schemas['RecordingView'];
export type HeardTake = Schemas['HeardTakeView'];
export type SensorRun = Schemas['SensorRunView'];
export type SensorInput = Schemas['SensorInput'];

const path = (id: string) => `/api/recordings/${id}`;

/** While it is being heard, the page asks this often. */
const ASK_MS = 500;

export function isBeingHeard(one: Recording): boolean {
  return one.state === 'waiting' || one.state === 'reading';
}

export function useSendRecording() {
  return useSending(({ file, keep }: { file: Blob; keep: boolean }, onSent) =>
    sendFile<Recording>(`${path(newId())}${keep ? '?keep=1' : ''}`, file, 'audio/wav', { onSent }),
  );
}

export function useRecording(id: string | null) {
  return useQuery({
    queryKey: ['recording', id],
    queryFn: () => call<Recording>('GET', path(id ?? '')),
    enabled: id !== null,
    refetchInterval: (query) =>
      query.state.data !== undefined && isBeingHeard(query.state.data) ? ASK_MS : false,
    retry: false,
  });
}

export function useThrowAway() {
  return useMutation({
    mutationFn: (one: Recording) =>
      call<Recording>('DELETE', path(one.id), undefined, { mutationId: newId(), version: one.version }),
  });
}

/** A recording of somebody invented, as a file. */
export function useInvented() {
  return useMutation({
    mutationFn: (fault: string) =>
      fetchFile(`/api/takes/example.wav?fault=${fault}&seed=${Date.now() % 1000}`),
  });
}

/** What the marks say now; asked again whenever they change. */
export function useTakeReport(marks: Marks | null, target: string | null) {
  return useQuery({
    queryKey: ['take', marks, target],
    queryFn: () => call<TakeReport>('POST', '/api/takes/read', { ...marks, target }),
    enabled: marks !== null && marks.landingsS.length > 1,
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });
}

export function useEventFile() {
  return useMutation({
    mutationFn: (file: File) => sendFile<Marks>('/api/takes/from-csv', file, 'text/csv', { method: 'POST' }),
  });
}

/** Saves the marks as an event file on this device. */
export function useSaveEvents() {
  return useMutation({
    mutationFn: (marks: Marks) => fetchFile('/api/takes/to-csv', marks),
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
    mutationFn: (input: SensorInput) => call<SensorRun>('PUT', `/api/sensor/${newId()}`, input),
  });
}

export function useStopSensor() {
  return useMutation({
    mutationFn: (run: SensorRun) =>
      call<SensorRun>('DELETE', `/api/sensor/${run.id}`, undefined, {
        mutationId: newId(),
        version: run.version,
      }),
  });
}
