import { useQueryClient } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { Waiting } from '../lib/outboxStore';
import { refetchChanged } from './changes';
import { Outbox } from './outbox';
import { meKey } from './session';

interface OutboxState {
  outbox: Outbox | null;
  waiting: Waiting[];
}

const Context = createContext<OutboxState>({ outbox: null, waiting: [] });

/** After a failed round, try again so often; an `online` event tries at once. */
const RETRY_MS = 3000;

/** Gives the signed-in user's outbox to the screens, and keeps sending while anything waits. */
export function OutboxProvider({ userId, children }: { userId: string; children: ReactNode }) {
  const [outbox, setOutbox] = useState<Outbox | null>(null);
  const [waiting, setWaiting] = useState<Waiting[]>([]);
  const client = useQueryClient();

  useEffect(() => {
    let open: Outbox | null = null;
    let ended = false;
    void Outbox.of(userId).then((made) => {
      if (ended) {
        made.close();
        return;
      }
      open = made;
      made.onChange(setWaiting);
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
      const end = await outbox.drain();
      if (end === 'empty') {
        await refetchChanged(client, ['attempt']);
      } else if (end === 'signed-out') {
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

  return <Context value={{ outbox, waiting }}>{children}</Context>;
}

export function useOutbox(): OutboxState {
  return useContext(Context);
}
