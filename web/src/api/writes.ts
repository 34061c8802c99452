import { useMutation, useQueryClient } from '@tanstack/react-query';
import { refetchChanged, type ChangeKind } from './changes';

/** A write of some kinds of rows, after which everything that is made of them is fetched anew. */
export function useWriteOf<Input, Answer>(
  kinds: readonly ChangeKind[],
  write: (input: Input) => Promise<Answer>,
) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    // Not awaited: the screen that asked must hear of its success before it is drawn anew.
    onSuccess: () => {
      void refetchChanged(client, kinds);
    },
  });
}
