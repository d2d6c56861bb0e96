import { useMemo } from 'react';
import type { Garden } from '@/core/journal/state';
import type { InSteps } from '@/core/time/inSteps';
import type { GardenStore } from '../garden/gardenStore';
import { useGarden } from './useGarden';
import { useSteps } from './useSteps';

/** What a view is made of. */
export interface ViewOf {
  readonly store: GardenStore;
  readonly garden: Garden;
  readonly now: number;
}

/**
 * As `useView`, of what takes long: worked out while the page has nothing better to do. `undefined` until then; while a
 * change is worked in, as it was before.
 *
 * @param compute the same function each time.
 * @param about what it is of: of another one nothing is known yet.
 */
export function useViewInSteps<A, T>(
  compute: (view: ViewOf, about: A) => InSteps<T>,
  about: A,
): T | undefined {
  const { store } = useGarden();
  const { version } = store;
  const begin = useMemo(
    () =>
      function* (): InSteps<{ readonly about: A; readonly value: T } | undefined> {
        const garden = store.described;
        // A newer one is on its way.
        if (!garden || store.version !== version) return undefined;
        return { about, value: yield* compute({ store, garden, now: store.clock.now() }, about) };
      },
    [store, version, compute, about],
  );
  const result = useSteps(begin)?.value;
  return result && result.about === about ? result.value : undefined;
}
