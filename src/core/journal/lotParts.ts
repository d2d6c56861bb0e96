import type { SeedSource } from '../crops/variety';
import type { Day } from '../time/types';
import type { Lot } from './state';

/** Where some of a lot's seed came from: a fruit, another lot as it was on a day, or elsewhere. */
export type LotPart =
  | { readonly from: 'fruit'; readonly bloom: string; readonly seeds?: number }
  | { readonly from: 'lot'; readonly lot: string; readonly day: Day; readonly seeds?: number }
  | { readonly from: 'elsewhere'; readonly variety: string; readonly source: SeedSource };

/**
 * What went into a lot, in the order of the entries. Who tops up a jar changes nothing of what was sown from it before.
 *
 * @param until only what went in up to that day.
 * @example lotParts(lot) // [{ from: 'fruit', bloom: 'f1', seeds: 120 }]
 */
export function lotParts(lot: Lot, until?: Day): LotPart[] {
  const isIn = ({ day }: { readonly day: Day }): boolean => until === undefined || day <= until;
  // What was had from elsewhere is as its packet was described last, and was there before anybody noted it.
  const had = lot['lot.received'].at(-1)?.body;
  return [
    ...lot['seed.extracted'].flatMap(({ body }) =>
      isIn(body) ? body.of.map((each): LotPart => ({ from: 'fruit', ...each })) : [],
    ),
    ...lot['lot.filled'].flatMap(({ body }) =>
      body.lot === lot.lot && isIn(body)
        ? body.from.map(({ lot: from, seeds }): LotPart => ({
            ...{ from: 'lot', lot: from, day: body.day },
            ...(seeds !== undefined && { seeds }),
          }))
        : [],
    ),
    ...(had ? [{ from: 'elsewhere' as const, variety: had.variety, source: had.source }] : []),
  ];
}
