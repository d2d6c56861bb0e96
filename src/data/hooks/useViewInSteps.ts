import { useMemo } from 'react';
import type { Garden } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
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

/** What a view came to last. */
interface Kept {
  readonly key: string;
  readonly about: unknown;
  readonly value: unknown;
}

/** Of each garden and kind of view the last one: who comes back to a page finds it as it was. */
const keptOf = new WeakMap<GardenStore, Map<unknown, Kept>>();

function keptIn(store: GardenStore): Map<unknown, Kept> {
  const kept = keptOf.get(store) ?? new Map<unknown, Kept>();
  keptOf.set(store, kept);
  return kept;
}

/**
 * As `useView`, of what takes long: worked out while the page has nothing better to do. `undefined` until then; while a
 * change is worked in, as it was before.
 *
 * @param compute the same function each time.
 * @param about what it is of: of another one nothing is known yet.
 * @param how `day`: it is not worked out again for what is recorded meanwhile, but the next day.
 */
export function useViewInSteps<A, T>(
  compute: (view: ViewOf, about: A) => InSteps<T>,
  about: A,
  { lasts }: { readonly lasts?: 'day' } = {},
): T | undefined {
  const { store } = useGarden();
  const { version, described: garden } = store;
  const key = `${lasts ? '' : version} ${garden ? dayAt(store.clock.now(), garden.zone) : ''}`;
  const held = keptIn(store).get(compute);
  const isHeld = held?.key === key && held.about === about;
  const begin = useMemo(
    () =>
      isHeld
        ? undefined
        : function* (): InSteps<{ readonly about: A; readonly value: T } | undefined> {
            const { described } = store;
            if (!described) return undefined;
            const view = { store, garden: described, now: store.clock.now() };
            const value = yield* compute(view, about);
            keptIn(store).set(compute, { key, about, value });
            return { about, value };
          },
    [isHeld, store, key, compute, about],
  );
  const result = useSteps(begin)?.value;
  if (!isHeld && result && result.about === about) return result.value;
  return held && held.about === about ? (held.value as T) : undefined;
}
