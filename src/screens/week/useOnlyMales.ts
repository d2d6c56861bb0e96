import { onlyMalesSoFar, type OnlyMales } from '@/core/opening/onlyMales';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';

/**
 * Varieties that have shown only males so far, and when females are to be expected.
 *
 * @param malesNow a variety whose males are being looked at.
 */
export const useOnlyMales = (malesNow?: string): ReadonlyMap<string, OnlyMales> | undefined =>
  useView('only-males', [malesNow ?? ''], ({ store: { journal }, garden, now }) =>
    onlyMalesSoFar(journal, dayAt(now, garden.zone), malesNow),
  );
