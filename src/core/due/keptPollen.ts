import { zoneOf } from '../journal/zoneOf';
import { cropOf, type Crop } from '../crops/catalogue';
import type { Fact } from '../journal/entry';
import { isCovered } from '../journal/isCovered';
import type { Journal } from '../journal/journal';
import { isDoubtfulType, isSuspect } from '../journal/plantCondition';
import { pollinationsOf } from '../journal/pollinations';
import type { Bloom, PollenMix, Variety } from '../journal/state';
import type { PollenStore } from '../journal/kinds/mating';
import type { MaleBud } from '../pairing/buds';
import { groupBy } from '../text/groupBy';
import { addDays, dayAt, daysBetween, toMs } from '../time/calendar';
import type { Day } from '../time/types';

/** A portion of pollen that was kept on purpose. */
export interface KeptPollen {
  readonly pollen: string;
  readonly name: string;
  readonly how: PollenStore;
  /** The day of the oldest of it. */
  readonly day: Day;
  /** The blooms it is of, and their plants, each once. */
  readonly of: readonly string[];
  readonly plants: readonly string[];
  /** Missing where it is of several. */
  readonly variety: Variety | undefined;
  readonly age: number;
  /** The last day on which it may be used. */
  readonly until: Day;
  /** It is used up, or was thrown away. */
  readonly emptied: boolean;
  /** The females it was put on, the latest first, and how many more it serves. */
  readonly given: readonly Bloom[];
  readonly left: number;
}

/**
 * The days for which pollen of a crop keeps where it is stored so: those for which it sets well, and those for which it
 * may set at all; `undefined` where it does not keep.
 *
 * @example keepsFor(cropOf('pepo'), 'dryCold') // undefined
 */
export const keepsFor = ({ pollenKept }: Pick<Crop, 'pollenKept'>, how: PollenStore) =>
  pollenKept?.[how]?.value;

/** Can pollen of it be kept in any way? */
export const canBeKept = ({ pollenKept }: Pick<Crop, 'pollenKept'>): boolean => pollenKept !== undefined;

/**
 * The portions of pollen that were kept, the youngest first; those that are used up or too old come last.
 *
 * @example keptPollen(new Journal(), '2026-07-19') // []
 */
export function keptPollen(journal: Journal, today: Day): KeptPollen[] {
  const mixes = [...journal.all('pollen').values()];
  if (mixes.every(({ name }) => name === undefined)) return [];
  const from = mixes.reduce((first, { day }) => (day < first ? day : first), today);
  const given = groupBy(
    journal.bloomsBetween(addDays(from, -DAYS_BEFORE)).flatMap((bloom) => {
      const portions = pollinationsOf(bloom).flatMap(({ donors }) => donors.map((donor) => donor.bloom));
      return [...new Set(portions)].map((portion) => ({ portion, bloom }));
    }),
    ({ portion }) => portion,
  );
  const isGone = ({ emptied, until }: KeptPollen): number => Number(emptied || until < today);
  return mixes
    .flatMap((mix) => {
      const on = (given.get(mix.pollen) ?? []).map(({ bloom }) => bloom);
      return mix.name === undefined ? [] : [portionOf(journal, { ...mix, name: mix.name }, on, today)];
    })
    .sort(
      (a, b) =>
        isGone(a) - isGone(b) || (a.day < b.day ? 1 : a.day > b.day ? -1 : a.pollen < b.pollen ? -1 : 1),
    );
}

/** Females that the pollen of one flower or tassel serves. */
const servesEach = ({ protocols }: Crop): number =>
  (protocols.cross ?? protocols.seed ?? protocols.fruit)?.collect?.serves.value ?? 0;

/**
 * Kept pollen that may be used on a day, as if it were a male in hand.
 *
 * @param wanted the crops of the outing.
 * @example keptMales(new Journal(), '2026-07-19', () => true) // []
 */
export function keptMales(journal: Journal, day: Day, wanted: (crop: Crop) => boolean): MaleBud[] {
  const plants = journal.all('plant');
  return keptPollen(journal, day).flatMap((portion): MaleBud[] => {
    const { pollen, variety, until, emptied, left, age, given } = portion;
    if (!variety || emptied || day > until || age < 0 || left === 0 || !wanted(cropOf(variety.crop)))
      return [];
    const from = portion.plants.map((plant) => plants.get(plant) ?? {});
    const blooms = portion.of.flatMap((id) => journal.all('bloom').get(id) ?? []);
    return [
      {
        bloom: pollen,
        // Of several plants none is her own.
        plant: portion.plants.length === 1 ? portion.plants[0]! : '',
        variety: variety.variety,
        guarded: blooms.length === portion.of.length && blooms.every(isCovered),
        used: given.length,
        serves: given.length + left,
        ageDays: age,
        ...(from.some(isSuspect) && { suspect: true }),
        ...(from.some(isDoubtfulType) && { doubtful: true }),
      },
    ];
  });
}

/**
 * A portion of pollen, kept from now on.
 *
 * @example pollenKept({ pollen, name: 'Jar 1', how: 'dryCold', day, of: ['m1'] }).kind // 'pollen.mixed'
 */
export const pollenKept = (body: Required<Extract<Fact, { kind: 'pollen.mixed' }>['body']>): Fact => ({
  kind: 'pollen.mixed',
  body,
});

/**
 * Pollen that was picked and may still be kept: of a variety whose pollen keeps, picked no longer ago than yesterday, not
 * spoiled, and in no portion yet.
 *
 * @example mayBeKept(new Journal(), '2026-07-19') // []
 */
export function mayBeKept(journal: Journal, today: Day): ReadonlyMap<Variety, readonly Bloom[]> {
  const kept = new Set(
    [...journal.all('pollen').values()].flatMap(({ fills }) => fills.flatMap(({ of }) => of)),
  );
  const picked = journal.bloomsBetween(addDays(today, -1), today).flatMap((bloom) => {
    const variety = journal.all('variety').get(journal.all('plant').get(bloom.plant)?.variety ?? '');
    const isInHand = bloom.picked !== undefined || bloom.cover?.method === 'indoors';
    return variety && isInHand && !bloom.spoiled && !kept.has(bloom.bloom) && canBeKept(cropOf(variety.crop))
      ? [{ variety, bloom }]
      : [];
  });
  return new Map(
    [...groupBy(picked, ({ variety }) => variety)].map(([variety, some]) => [
      variety,
      some.map(({ bloom }) => bloom),
    ]),
  );
}

/** A flower takes pollen for so many days after its own. */
const DAYS_BEFORE = 14;

function portionOf(
  journal: Journal,
  { pollen, name, how = 'dryCold', fills, day, emptied }: PollenMix & { readonly name: string },
  given: readonly Bloom[],
  today: Day,
): KeptPollen {
  const zone = zoneOf(journal);
  const of = [...new Set(fills.flatMap((fill) => fill.of))];
  const blooms = of.flatMap((id) => journal.all('bloom').get(id) ?? []);
  const plants = [...new Set(blooms.map(({ plant }) => plant))];
  const varieties = new Set(
    blooms.flatMap(({ plant }) => {
      const id = journal.all('plant').get(plant)?.variety;
      return id === undefined ? [] : [journal.all('variety').get(id)];
    }),
  );
  const [only] = varieties.size === 1 ? varieties : [];
  const crop = only && cropOf(only.crop);
  const days = fills.map((fill) => dayAt(toMs(fill.at), zone));
  const oldest = [day, ...days].sort()[0]!;
  const serves = of.length * (crop ? servesEach(crop) : 0);
  return {
    ...{ pollen, name, how, of, plants, variety: only, given },
    day: oldest,
    age: daysBetween(oldest, today),
    until: addDays(oldest, (crop && keepsFor(crop, how)?.[1]) ?? 0),
    emptied: emptied !== undefined,
    left: Math.max(0, serves - given.length),
  };
}
