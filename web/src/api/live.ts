import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Coalesced } from '../lib/coalesce';
import { athletesKey } from './athletes';
import { classKey } from './classHour';
import { call, type Schemas } from './client';

const CHANNEL = 'zumbo-live';
const LEADER = 'zumbo-live-leader';

/** Without a hint for so long the screen asks by itself. */
const POLL_MS = 5000;

/** In a busy class hints come by the dozen: a screen asks at most every so often. */
const GAP_MS = 200;

/**
 * Keeps the screens of this browser as new as the database. One tab holds the stream of hints (a browser allows six
 * connections to a host) and tells the others; each tab asks what changed since the revision it has seen. A lost hint
 * or a lost stream costs a poll.
 */
export function useLive(): void {
  const client = useQueryClient();
  useEffect(() => {
    let seen: number | null = null;
    const asked = new Coalesced(async () => {
      try {
        const changes = await call<Schemas['ChangesView']>('GET', `/api/changes?since=${seen ?? 0}`);
        if (seen !== null && changes.revision !== seen) {
          await client.invalidateQueries({ queryKey: classKey });
          await client.invalidateQueries({ queryKey: athletesKey });
        }
        seen = changes.revision;
      } catch {
        // The network is away: the next poll asks again.
      }
    }, GAP_MS);
    const ask = () => asked.call();
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ask;
    const ended = new AbortController();
    void lead(ended.signal, () => {
      channel.postMessage('changed');
      ask();
    });
    ask();
    const timer = setInterval(ask, POLL_MS);
    return () => {
      ended.abort();
      channel.close();
      clearInterval(timer);
      asked.end();
    };
  }, [client]);
}

/** Waits until no other tab leads, then holds the stream until this tab ends. */
async function lead(ended: AbortSignal, onHint: () => void): Promise<void> {
  try {
    await navigator.locks.request(LEADER, { signal: ended }, () => {
      const source = new EventSource('/api/live');
      source.onmessage = onHint;
      // After a break the browser connects again by itself; what was missed meanwhile is asked for.
      source.onopen = onHint;
      return new Promise<void>((done) => {
        ended.addEventListener('abort', () => {
          source.close();
          done();
        });
      });
    });
  } catch {
    // Ended while waiting for the lead.
  }
}
