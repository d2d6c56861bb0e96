import { useMutation } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { Fact } from '@/core/journal/entry';
import type { Written } from '../garden/gardenStore';
import { useOpened } from './opening';
import { useKeepStored } from './useKeeping';

/**
 * What follows on a record, also when the screen has gone: once it is on disk, however late, and before that where the
 * device does not take it yet. Who goes on has to say what each means.
 */
export type After = Readonly<Record<Written, () => void>>;

const NOTHING = (): void => undefined;

/** Once it is on disk: until then a draft of it stays. */
export const whenSaved = (job: () => void): After => ({ saved: job, unsaved: NOTHING });

/** At once: it shows in either case, and above the page that it is not on disk yet. */
export function eitherWay(job: () => void): After {
  let isDone = false;
  const once = (): void => {
    if (!isDone) job();
    isDone = true;
  };
  return { saved: once, unsaved: once };
}

/**
 * Records the facts of one tap.
 *
 * @param after never where they do not fit their schema, which the grower is told.
 */
export type RecordFacts = (facts: readonly Fact[], after?: After) => void;

interface Tap {
  readonly facts: readonly Fact[];
  readonly after: After | undefined;
}

export function useRecord(): RecordFacts {
  const { device, session } = useOpened();
  const keepStored = useKeepStored();
  const { mutate } = useMutation({
    meta: { what: 'record' },
    mutationFn: async ({ facts, after }: Tap) => {
      const first = !session.garden.savedAny;
      const written = await session.garden.record(facts);
      if (first && !session.demo) keepStored();
      after?.[written]();
      if (written === 'unsaved')
        session.garden.onceSaved(() => {
          after?.saved();
          // There is room again.
          void device.writeDrafts().catch(() => undefined);
        });
      return written;
    },
  });
  return useCallback((facts, after) => mutate({ facts, after }), [mutate]);
}
