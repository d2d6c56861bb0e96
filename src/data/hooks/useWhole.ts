import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useGarden } from './useGarden';

export interface Whole {
  /** Entries still to be read, while somebody waits for them. */
  readonly left: number | undefined;
  /** Gives up waiting. */
  readonly stop: () => void;
  /** Does something once every entry of the garden is read; told to the grower when that fails. */
  readonly whenWhole: (job: () => Promise<void>) => void;
}

/** Waits for the whole journal before something is done with it. */
export function useWhole(): Whole {
  const { store } = useGarden();
  const [left, setLeft] = useState<number>();
  /** The waiting that has not been given up. */
  const waiting = useRef<object>(undefined);
  const { mutate } = useMutation({
    mutationFn: async (job: () => Promise<void>) => {
      const mine = {};
      waiting.current = mine;
      if (!store.reading.complete) setLeft(store.reading.outstanding);
      try {
        await store.reading.readAll((outstanding) => {
          if (waiting.current === mine) setLeft(outstanding);
        });
        if (waiting.current === mine) await job();
      } finally {
        if (waiting.current === mine) setLeft(undefined);
      }
    },
  });
  const stop = (): void => {
    waiting.current = undefined;
    setLeft(undefined);
  };
  return { left, stop, whenWhole: mutate };
}
