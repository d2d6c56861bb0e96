import { useQuery } from '@tanstack/react-query';
import type { Garden } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
import type { GardenStore } from '../garden/gardenStore';
import { useStore, useZone } from './useGarden';

/**
 * A small derived view of the journal, cached under the garden, the clock's day and a name. It is computed again when
 * the journal has changed.
 *
 * @param key what else the view depends on.
 */
export function useView<T>(
  name: string,
  key: readonly (string | number)[],
  compute: (view: { readonly store: GardenStore; readonly garden: Garden; readonly now: number }) => T,
): T | undefined {
  const store = useStore();
  const now = store.clock.now();
  const queryKey = [store.id, dayAt(now, useZone()), name, ...key];
  const run = (): T | null => {
    const garden = store.described;
    return garden ? compute({ store, garden, now: store.clock.now() }) : null;
  };
  const { data } = useQuery({ queryKey, queryFn: run, initialData: run, initialDataUpdatedAt: now });
  return data ?? undefined;
}
