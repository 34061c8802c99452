import { useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import type { Waiting } from '../lib/outboxStore';
import { refetchChanged } from './changes';
import { isWaiting, Outbox } from './outbox';
import { meKey } from './session';

interface OutboxState {
  outbox: Outbox | null;
  /** What this device did: what waits, and the last that arrived, the oldest first. */
  writes: Waiting[];
  /** What is not on the server yet. */
  waiting: Waiting[];
  /** Keeps a write on the device; one that comes before the outbox is open is not lost. */
  add: (write: Waiting) => void;
}

const Context = createContext<OutboxState>({ outbox: null, writes: [], waiting: [], add: () => undefined });

/** After a failed round, try again so often; an `online` event tries at once. */
const RETRY_MS = 3000;

/** Gives the signed-in user's outbox to the screens, and keeps sending while anything waits. */
export function OutboxProvider({ userId, children }: { userId: string; children: ReactNode }) {
  const [outbox, setOutbox] = useState<Outbox | null>(null);
  const [writes, setWrites] = useState<Waiting[]>([]);
  const waiting = useMemo(() => writes.filter(isWaiting), [writes]);
  const opening = useRef<Promise<Outbox>>(null);
  const client = useQueryClient();

  useEffect(() => {
    let open: Outbox | null = null;
    let ended = false;
    opening.current = Outbox.of(userId);
    void opening.current.then((made) => {
      if (ended) {
        made.close();
        return;
      }
      open = made;
      made.onChange(setWrites);
      setOutbox(made);
    });
    return () => {
      ended = true;
      open?.close();
    };
  }, [userId]);

  const unsent = waiting.filter((write) => write.refused === undefined).length;
  useEffect(() => {
    if (outbox === null || unsent === 0) {
      return;
    }
    const round = async () => {
      const { ended, arrived } = await outbox.drain();
      if (arrived > 0) {
        await refetchChanged(client, ['attempt', 'run']);
      }
      if (ended === 'signed-out') {
        await client.invalidateQueries({ queryKey: meKey });
      }
    };
    const again = () => void round();
    again();
    const timer = setInterval(again, RETRY_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [outbox, unsent, client]);

  const add = useCallback((write: Waiting) => void opening.current?.then((open) => open.add(write)), []);
  return <Context value={{ outbox, writes, waiting, add }}>{children}</Context>;
}

export function useOutbox(): OutboxState {
  return useContext(Context);
}
