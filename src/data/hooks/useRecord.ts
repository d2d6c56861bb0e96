import { useMutation } from '@tanstack/react-query';
import type { Fact } from '@/core/journal/entry';
import { useOpened } from './opening';

/** Records the facts of one tap. */
export function useRecord(): (facts: readonly Fact[]) => void {
  const { session } = useOpened();
  const { mutate } = useMutation({
    mutationFn: async (facts: readonly Fact[]) => {
      const first = !session.garden.savedAny;
      const outcome = await session.garden.record(facts);
      // Requested at the first real entry: what the browser may clear by itself is no place for records.
      if (first && !session.demo) void navigator.storage?.persist?.().catch(() => false);
      return outcome;
    },
  });
  return mutate;
}
