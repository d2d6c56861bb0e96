import { useMutation } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { Fact } from '@/core/journal/entry';
import { useOpened } from './opening';

/**
 * Records the facts of one tap.
 *
 * @param then once they are recorded, also when the screen has gone; never when they were refused, which the grower is
 *   told. `unsaved` when the device did not take them yet.
 */
export type RecordFacts = (facts: readonly Fact[], then?: (outcome: 'saved' | 'unsaved') => void) => void;

interface Tap {
  readonly facts: readonly Fact[];
  readonly then: Parameters<RecordFacts>[1];
}

export function useRecord(): RecordFacts {
  const { session } = useOpened();
  const { mutate } = useMutation({
    meta: { what: 'record' },
    mutationFn: async ({ facts, then }: Tap) => {
      const first = !session.garden.savedAny;
      const outcome = await session.garden.record(facts);
      // Requested at the first real entry: what the browser may clear by itself is no place for records.
      if (first && !session.demo) void navigator.storage?.persist?.().catch(() => false);
      then?.(outcome);
      return outcome;
    },
  });
  return useCallback((facts, then) => mutate({ facts, then }), [mutate]);
}

/** What is done once facts are on disk: until then a draft of them stays. */
export const whenSaved =
  (job: () => void) =>
  (outcome: 'saved' | 'unsaved'): void => {
    if (outcome === 'saved') job();
  };
