import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query';
import { refetchAll } from './refetchAll';

/** A write after which everything that may show what it changed is fetched anew. */
export function useWriteThen<Input, Answer>(
  keys: readonly QueryKey[],
  write: (input: Input) => Promise<Answer>,
) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    // Not awaited: the screen that asked must hear of its success before it is drawn anew.
    onSuccess: () => {
      void refetchAll(client, keys);
    },
  });
}
