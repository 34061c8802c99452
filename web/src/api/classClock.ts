import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { AgreedTime } from '../lib/agreedTime';
import { CLASS_CLOCK } from '../lib/keptAnswer';
import { madeOf } from './changes';
import { call, ProblemError, type Change, type Schemas } from './client';

export type ClassClock = Schemas['ClassClockView'];
export type Programme = Schemas['ProgrammeView'];
export type ProgrammeWish = Schemas['ProgrammeInput'];
export type Strip = Schemas['StationStripView'];
type Running = Schemas['RunningClockView'];
export type Move = 'pause' | 'go' | 'skip' | 'add' | 'take';

/** One for all screens of this tab. */
export const agreedTime = new AgreedTime({
  ask: async () => (await call('GET', '/api/time')).nowMs,
});

const clockKey = ['class-clock'] as const;

/** The clock of the class; kept on the device, so that it runs on without network and after a reload. */
export function useClassClock() {
  return useQuery({
    queryKey: clockKey,
    queryFn: async () => {
      const running = await call('GET', '/api/class-clock');
      keep(running);
      return running;
    },
    placeholderData: () => kept(),
    ...madeOf('clock', 'athlete'),
  });
}

function keep(running: Running): void {
  if (running.clock === null) {
    localStorage.removeItem(CLASS_CLOCK);
  } else {
    localStorage.setItem(CLASS_CLOCK, JSON.stringify(running));
  }
}

function kept(): Running | undefined {
  const found = localStorage.getItem(CLASS_CLOCK);
  return found === null ? undefined : (JSON.parse(found) as Running);
}

/** What every touch on the clock answers is what every screen shows next. */
function useClockWrite<Input>(write: (input: Input) => Promise<ClassClock>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    onSuccess: (clock) => {
      const running = { clock: clock.ended ? null : clock, nowMs: clock.nowMs, revision: 0 };
      keep(running);
      client.setQueryData(clockKey, running);
    },
    // Another coach was quicker: what is there now is shown, and one touches again if need be.
    onError: () => client.invalidateQueries({ queryKey: clockKey }),
  });
}

interface Started {
  id: string;
  programmes: ProgrammeWish[];
  linkSecret: string;
}

export function useStartClock() {
  return useClockWrite(({ id, programmes, linkSecret }: Started) =>
    call('PUT', '/api/class-clock/{id}', { path: { id }, body: { programmes, linkSecret } }),
  );
}

export function useMoveClock() {
  return useClockWrite(({ id, move, change }: { id: string; move: Move; change: Change }) =>
    call('POST', '/api/class-clock/{id}/moves', { path: { id }, body: { move }, change }),
  );
}

export function useShareClock() {
  return useClockWrite(
    ({ id, programmes, change }: { id: string; programmes: ProgrammeWish[]; change: Change }) =>
      call('PATCH', '/api/class-clock/{id}', { path: { id }, body: { programmes }, change }),
  );
}

export function useEndClock() {
  return useClockWrite(({ id, change }: { id: string; change: Change }) =>
    call('DELETE', '/api/class-clock/{id}', { path: { id }, change }),
  );
}

/** What an athletes' link holds behind its `#`; null: it was not copied whole. */
export function readClassLink(hash: string): Schemas['ClassLinkInput'] | null {
  const [gym, clock, secret] = hash.replace(/^#/, '').split('.');
  return gym === undefined || clock === undefined || secret === undefined ? null : { gym, clock, secret };
}

/** The clock for whoever holds the link: asked for every so often. */
export function useLinkedClock(link: Schemas['ClassLinkInput'] | null) {
  return useQuery({
    queryKey: ['class-link', link],
    queryFn: () => call('POST', '/api/class-link', { body: link ?? { gym: '', clock: '', secret: '' } }),
    enabled: link !== null,
    // A dead link stays dead; a lost network comes back.
    refetchInterval: (query) => (query.state.error instanceof ProblemError ? false : LINK_MS),
    networkMode: 'always',
    retry: false,
  });
}

const LINK_MS = 1500;
