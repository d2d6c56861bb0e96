import type { Fact } from '../journal/entry';
import { rowKey } from '../garden/places';
import type { PlanDraft } from './planDraft';

/**
 * A checked plan as facts for the journal; plants go after those that stand there.
 *
 * @param lastPlaces the last place in use in each row, by `rowKey`.
 * @param newId mints ids.
 * @example planFacts({ beds: [], varieties: [], sowings: [], rows: [] }, new Map(), newId) // []
 */
export function planFacts(
  { beds, varieties, sowings, rows }: PlanDraft,
  lastPlaces: ReadonlyMap<string, number>,
  newId: () => string,
): Fact[] {
  const bedIds = beds.map(({ held }) => held ?? newId());
  const varietyIds = varieties.map(({ held }) => held ?? newId());
  const plantingIds = sowings.map(({ held }) => held ?? newId());
  const last = new Map(lastPlaces);
  return [
    ...beds.map(({ held: _held, ...body }, i): Fact => ({
      kind: 'bed.laid',
      body: { bed: bedIds[i]!, ...body },
    })),
    ...varieties.flatMap(({ held, renoted, ...body }, i): Fact[] =>
      held && !renoted ? [] : [{ kind: 'variety.described', body: { variety: varietyIds[i]!, ...body } }],
    ),
    ...sowings.flatMap(({ held, variety, sowing }, i): Fact[] => {
      const { seedSource } = varieties[variety]!;
      const body = { planting: plantingIds[i]!, variety: varietyIds[variety]!, sowing, seedSource };
      return held ? [] : [{ kind: 'planting.set', body }];
    }),
    ...rows.map(({ bed, row, variety, sowing, plants: count }): Fact => {
      const key = rowKey({ bed: bedIds[bed]!, row });
      const from = last.get(key) ?? 0;
      last.set(key, from + count);
      const plants = Array.from({ length: count }, (_, i) => ({ plant: newId(), place: from + i + 1 }));
      const planting = sowing === undefined ? {} : { planting: plantingIds[sowing]! };
      return {
        kind: 'plants.set',
        body: { bed: bedIds[bed]!, row, variety: varietyIds[variety]!, ...planting, plants },
      };
    }),
  ];
}
