import type { Fact } from '../journal/entry';
import { rowKey } from '../garden/places';
import type { PlanDraft } from './planTable';

/**
 * A checked plan as facts for the journal; plants go after those that stand there.
 *
 * @param lastPlaces the last place in use in each row, by `rowKey`.
 * @param newId mints ids.
 * @example planFacts({ beds: [], varieties: [], rows: [] }, new Map(), newId) // []
 */
export function planFacts(
  { beds, varieties, rows }: PlanDraft,
  lastPlaces: ReadonlyMap<string, number>,
  newId: () => string,
): Fact[] {
  const bedIds = beds.map(({ held }) => held ?? newId());
  const varietyIds = varieties.map(({ held }) => held ?? newId());
  const last = new Map(lastPlaces);
  return [
    ...beds.map(({ held: _held, ...body }, i): Fact => ({
      kind: 'bed.laid',
      body: { bed: bedIds[i]!, ...body },
    })),
    ...varieties.flatMap(({ held, ...body }, i): Fact[] =>
      held ? [] : [{ kind: 'variety.described', body: { variety: varietyIds[i]!, ...body } }],
    ),
    ...rows.map(({ bed, row, variety, plants: count }): Fact => {
      const key = rowKey({ bed: bedIds[bed]!, row });
      const from = last.get(key) ?? 0;
      last.set(key, from + count);
      const plants = Array.from({ length: count }, (_, i) => ({ plant: newId(), place: from + i + 1 }));
      return { kind: 'plants.set', body: { bed: bedIds[bed]!, row, variety: varietyIds[variety]!, plants } };
    }),
  ];
}
