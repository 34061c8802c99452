import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Coalesced } from '../lib/coalesce';
import { KEPT_EVENT } from '../lib/keptAnswer';
import { refetchChanged } from './changes';
import { call, href, ownWrites } from './client';
import { tellSensor } from './sensorEvents';

const CHANNEL = 'zumbo-live';
const LEADER = 'zumbo-live-leader';

/** Without a hint for so long the screen asks by itself. */
const POLL_MS = 5000;

/** In a busy class hints come by the dozen: a screen asks at most every so often. */
const GAP_MS = 200;

/**
 * Keeps the screens of this browser as new as the database. One tab holds the stream of hints (a browser allows six
 * connections to a host) and tells the others; each tab asks what changed since the revision it has seen, and
 * fetches what is made of it; what it wrote itself it has fetched already. A lost hint
 * or a lost stream costs a poll, and so does an answer that was kept on the device.
 */
export function useLive(): void {
  const client = useQueryClient();
  useEffect(() => {
    let seen: number | null = null;
    let old = false;
    const asked = new Coalesced(async () => {
      try {
        await ownWrites.settled();
        const changes = await call('GET', '/api/changes', { query: { since: seen ?? 0 } });
        const before = seen;
        seen = changes.revision;
        if (old) {
          old = false;
          await refetchChanged(client, 'everything');
        } else if (before !== null && !ownWrites.madeAll(before, seen)) {
          await refetchChanged(client, changes.tooMany ? 'everything' : changes.kinds);
        }
        ownWrites.forget(seen);
      } catch {
        // The network is away: the next poll asks again.
      }
    }, GAP_MS);
    const ask = () => asked.call();
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = (message: MessageEvent<string>) => {
      if (!tellSensor(message.data)) {
        ask();
      }
    };
    const ended = new AbortController();
    const becomeOld = () => {
      old = true;
    };
    window.addEventListener(KEPT_EVENT, becomeOld);
    void lead(ended.signal, (message) => {
      channel.postMessage(message);
      if (!tellSensor(message)) {
        ask();
      }
    });
    ask();
    const timer = setInterval(ask, POLL_MS);
    return () => {
      ended.abort();
      window.removeEventListener(KEPT_EVENT, becomeOld);
      channel.close();
      clearInterval(timer);
      asked.end();
    };
  }, [client]);
}

/** Waits until no other tab leads, then holds the stream until this tab ends. */
async function lead(ended: AbortSignal, onHint: (message: string) => void): Promise<void> {
  try {
    await navigator.locks.request(LEADER, { signal: ended }, () => {
      const source = new EventSource(href('/api/live'));
      source.onmessage = (message: MessageEvent<string>) => onHint(message.data);
      // After a break the browser connects again by itself; what was missed meanwhile is asked for.
      source.onopen = () => onHint('changed');
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
