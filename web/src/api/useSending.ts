import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';

/** A file on its way: the mutation, and which share of it has left this device; null while nothing is being sent. */
export function useSending<What, Answer>(
  send: (what: What, onSent: (share: number) => void) => Promise<Answer>,
) {
  const [share, setShare] = useState<number | null>(null);
  const mutation = useMutation({
    mutationFn: (what: What) => send(what, setShare),
    onMutate: () => setShare(0),
    onSettled: () => setShare(null),
  });
  return { ...mutation, share };
}
