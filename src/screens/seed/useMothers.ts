import { wantsSeed } from '@/core/crops/variety';
import type { Variety } from '@/core/journal/state';
import { mothersInSteps, type MothersNow } from '@/core/seed/mothersNow';
import { byName } from '@/core/text/byName';
import { dayAt } from '@/core/time/calendar';
import type { InSteps } from '@/core/time/inSteps';
import { useView } from '@/data/hooks/useView';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';

/** Varieties that stand in the garden and are grown for seed, by name. */
export const useSeedVarieties = (): readonly Variety[] =>
  useView('seed-varieties', [], ({ store: { journal } }) => {
    const standing = new Set(
      [...journal.all('plant').values()].flatMap(({ removed, variety }) => (removed ? [] : [variety])),
    );
    return [...journal.all('variety').values()]
      .filter(({ variety, purpose }) => standing.has(variety) && wantsSeed(purpose))
      .sort((a, b) => byName(a.name, b.name));
  }) ?? [];

/** `undefined` while it is worked out, and where no such variety is known. */
export const useMothers = (variety: string): MothersNow | undefined => useViewInSteps(mothersNow, variety);

const mothersNow = (
  { store: { journal }, garden, now }: ViewOf,
  variety: string,
): InSteps<MothersNow | undefined> => mothersInSteps(journal, garden, dayAt(now, garden.zone), variety);

/** As it was when the walk came to the variety first: covering adds no parents, and each plant would have it done again. */
export const useMothersOnWalk = (variety: string): MothersNow | undefined =>
  useViewInSteps(mothersOnWalk, variety, { lasts: 'day' });

const mothersOnWalk: typeof mothersNow = (view, variety) => mothersNow(view, variety);
