import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { KEPT_EVENT } from '../lib/keptAnswer';
import { changeFeed } from './changes';
import { href } from './client';
import { tellSensor } from './sensorEvents';

const CHANNEL = 'zumbo-live';
const LEADER = 'zumbo-live-leader';

/** A hint that tells nothing: somebody has to ask. */
const MISSED = 'changed';

/** Without a hint for so long the screen asks by itself. */
const POLL_MS = 5000;

/**
 * Keeps the screens of this browser as new as the database. One tab holds the stream of hints (a browser allows six
 * connections to a host) and tells the others; each tab follows by itself what changed. A lost hint or a lost stream costs
 * a poll, and so does an answer that was kept on the device.
 */
export function useLive(): void {
  const client = useQueryClient();
  useEffect(() => {
    const feed = changeFeed(client);
    let heard = performance.now();
    const hear = (message: string) => {
      if (!tellSensor(message)) {
        heard = performance.now();
        feed.hint(message);
      }
    };
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = (message: MessageEvent<string>) => hear(message.data);
    const ended = new AbortController();
    const becomeOld = () => feed.becomeOld();
    window.addEventListener(KEPT_EVENT, becomeOld);
    void lead(ended.signal, (message) => {
      channel.postMessage(message);
      hear(message);
    });
    feed.ask();
    const timer = setInterval(() => {
      if (performance.now() - heard >= POLL_MS) {
        feed.ask();
      }
    }, POLL_MS);
    return () => {
      ended.abort();
      window.removeEventListener(KEPT_EVENT, becomeOld);
      channel.close();
      clearInterval(timer);
      feed.end();
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
      source.onopen = () => onHint(MISSED);
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
