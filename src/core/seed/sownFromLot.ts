import type { SeedSource } from '../crops/variety';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { isolationOf } from '../planning/isolationOf';
import { SOURCES_WORST_FIRST } from '../purity/links/seedSource';
import { sourcesOfLot } from '../purity/lotPurity';
import { purityOf } from '../purity/purityOf';
import type { Day } from '../time/types';

/**
 * What plants are sown from that are sown from a lot: the worst of what was in it that day, not known where nobody knows.
 *
 * @example seedSourceOfLot(journal, garden, 'l1', '2027-05-10') // 'ownGuarded'
 */
function seedSourceOfLot(journal: Journal, garden: Garden, lot: string, day: Day): SeedSource {
  const isolation = isolationOf(journal, garden);
  const sources = sourcesOfLot(journal, lot, day, (bloom) =>
    purityOf(journal, garden, bloom, { isolationOf: isolation }),
  );
  return SOURCES_WORST_FIRST.find((each) => sources.includes(each)) ?? 'unknown';
}

export interface SownFromLot {
  readonly lot: string;
  readonly variety: string;
  readonly day: Day;
  /** How many, where somebody counted. */
  readonly seeds?: number;
  /** Mints ids. */
  readonly newId: () => string;
}

/**
 * A sowing of a variety from a lot, and what is recorded of it: the lot it was sown from, how true that is as far as is
 * known today, and what was taken of it.
 *
 * @example sownFromLot(journal, garden, sown).facts.map(({ kind }) => kind) // ['planting.set', 'lot.used']
 */
export function sownFromLot(
  journal: Journal,
  garden: Garden,
  { lot, variety, day, seeds, newId }: SownFromLot,
): { readonly planting: string; readonly facts: readonly Fact[] } {
  const planting = newId();
  const described = journal.all('variety').get(variety);
  const how = described?.sowing?.how ?? 'sown';
  return {
    planting,
    facts: [
      {
        kind: 'planting.set',
        body: {
          ...{ planting, variety, sowing: { how, day }, fromLot: lot },
          seedSource: seedSourceOfLot(journal, garden, lot, day),
        },
      },
      ...(seeds === undefined
        ? []
        : [{ kind: 'lot.used' as const, body: { lot, day, how: 'sown' as const, seeds } }]),
    ],
  };
}
