import type { SeedSource } from '../crops/variety';
import { rowKey } from '../garden/places';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import { gardenOn } from '../journal/past';
import type { Bed, Plant, Season, Variety } from '../journal/state';
import type { SeedStands } from './seedStands';
import { groupBy } from '../text/groupBy';

/** What grew of a variety to the end of a season. */
export interface GrewBefore {
  readonly variety: Variety;
  readonly plants: readonly Plant[];
}

/**
 * What stood on the last day of a season and ended with it: what may be planted again.
 *
 * @example grewTo(journal, season).map(({ plants }) => plants.length) // [6, 12]
 */
export function grewTo(journal: Journal, season: Season): GrewBefore[] {
  const now = journal.all('plant');
  const stood = [...gardenOn(journal, season.to).all('plant').values()].filter(
    ({ plant, removed }) => !removed && now.get(plant)?.removed?.why === 'ended',
  );
  const varieties = journal.all('variety');
  return [...groupBy(stood, ({ variety }) => variety)]
    .flatMap(([id, plants]): GrewBefore[] => {
      const variety = varieties.get(id);
      return variety ? [{ variety, plants }] : [];
    })
    .sort((a, b) => a.variety.name.localeCompare(b.variety.name, 'en'));
}

/**
 * What the next season's seed of a variety is, by the seed that was kept of it: kept true if all of it was found true to
 * type, unknown if something of it is not known, else as if from an open garden. Where none was kept it is as it was
 * described.
 *
 * @example seedForNext(variety, { true: 3, unproven: 0, doubtful: 0, notForSeed: 0 }) // 'ownGuarded'
 */
export function seedForNext(
  { seedSource }: Pick<Variety, 'seedSource'>,
  picked: SeedStands['picked'],
): SeedSource {
  if (picked.doubtful + picked.notForSeed > 0) return 'openGarden';
  if (picked.unproven > 0) return 'unknown';
  return picked.true > 0 ? 'ownGuarded' : seedSource;
}

export interface PlantAgain {
  readonly grew: readonly GrewBefore[];
  /** In the order in which plants move on. */
  readonly beds: readonly Bed[];
  /** Do the plants of each bed move on to the next one, those of the last to the first? */
  readonly movedOn: boolean;
  readonly seedOf: (variety: string) => SeedSource;
}

/** The bed after each, of those that lie under glass and of those that do not. */
function bedsOneOn(beds: readonly Bed[]): Map<string, Bed> {
  const alike = [...groupBy(beds, ({ glass }) => glass === true).values()];
  return new Map(
    alike.flatMap((some) => some.map((bed, i) => [bed.bed, some[(i + 1) % some.length]!] as const)),
  );
}

/**
 * Plants what grew before once more: plants of their own, from a sowing of their own, in the same places or one bed on, what
 * stood under glass under glass again. In a bed with fewer rows the last row takes the rest; where something stands already they come after it.
 *
 * @param newId mints ids.
 * @example plantAgain(journal, { grew: [], beds: [], movedOn: false, seedOf }, newId) // []
 */
export function plantAgain(
  journal: Journal,
  { grew, beds, movedOn, seedOf }: PlantAgain,
  newId: () => string,
): Fact[] {
  const next = movedOn ? bedsOneOn(beds) : new Map(beds.map((bed) => [bed.bed, bed]));
  const taken = new Set<string>();
  const placeKey = (key: string, place: number): string => `${key}|${place}`;
  const take = (key: string, from: number, count: number): number => {
    let place = from;
    const isFree = (at: number): boolean =>
      Array.from({ length: count }, (_, i) => placeKey(key, at + i)).every((each) => !taken.has(each));
    while (!isFree(place)) place += 1;
    for (let i = 0; i < count; i += 1) taken.add(placeKey(key, place + i));
    return place;
  };
  for (const plant of journal.all('plant').values())
    if (!plant.removed) take(rowKey(plant), plant.place, plant.count);
  return grew.flatMap(({ variety: { variety }, plants }): Fact[] => {
    const planting = newId();
    const placed = [...plants]
      .sort((a, b) => a.row - b.row || a.place - b.place)
      .flatMap(({ bed: before, row: rowBefore, place: placeBefore, count }) => {
        const bed = next.get(before);
        if (!bed) return [];
        const row = Math.min(rowBefore, bed.rows);
        const place = take(rowKey({ bed: bed.bed, row }), placeBefore, count);
        return [{ bed: bed.bed, row, place, count }];
      });
    if (placed.length === 0) return [];
    return [
      { kind: 'planting.set', body: { planting, variety, seedSource: seedOf(variety) } },
      ...[...groupBy(placed, rowKey).values()].map((row): Fact => ({
        kind: 'plants.set',
        body: {
          bed: row[0]!.bed,
          row: row[0]!.row,
          variety,
          planting,
          plants: row.map(({ place, count }) => ({
            plant: newId(),
            place,
            ...(count > 1 && { count }),
          })),
        },
      })),
    ];
  });
}
