import type { SeedSource } from '../crops/variety';
import type { Journal } from '../journal/journal';
import { grownThen } from '../journal/past';
import { plantingOf } from '../journal/plantingOf';
import { plantOfDealt } from '../population/populationSoFar';
import type { Day } from '../time/types';

/** A lot as it was on a day. */
export interface LotThen {
  readonly lot: string;
  readonly until?: Day | undefined;
}

/** What a plant was sown as. */
export interface SownAs {
  readonly variety: string;
  readonly seedSource: SeedSource;
  /** The lot, as it was when it was sown. */
  readonly from?: LotThen;
}

/**
 * What a plant that stood on a day was sown as, and from which lot; `undefined` of one that is not known.
 *
 * @param id of a plant, or of one of a stand (`dealtOut`).
 * @example sownAs(journal, 'p1', '2027-07-19')?.from // { lot: 'l1', until: '2027-05-10' }
 */
export function sownAs(journal: Journal, id: string, day: Day | undefined): SownAs | undefined {
  const grown = grownThen(journal, plantOfDealt(id), day);
  if (!grown) return undefined;
  const { variety } = grown.variety;
  const { fromLot, sowing, seedSource } = plantingOf(journal, grown.plant, grown.variety);
  return {
    variety,
    seedSource,
    ...(fromLot !== undefined && { from: { lot: fromLot, until: sowing?.day ?? day } }),
  };
}
