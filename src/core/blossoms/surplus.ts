import { bloomingCropOf, cropOf } from '../crops/catalogue';
import { outingOf } from '../crops/outing';
import { flowersDue } from '../due/flowersDue';
import { cohortOfVisit } from '../due/cohortOfVisit';
import { comparePlants, plantsIn } from '../garden/places';
import type { Journal } from '../journal/journal';
import { type BudCount, walkId } from '../journal/kinds/walk';
import { isSuspect } from '../journal/plantCondition';
import type { Plant, Variety } from '../journal/state';
import { techniqueOf } from '../outing/technique';
import { byId } from '../text/byId';
import { byName } from '../text/byName';
import { groupBy } from '../text/groupBy';
import type { Day } from '../time/types';

/** The males of a plant that nobody marked, as they were seen for a day. */
interface PlantBlossoms {
  readonly plant: Plant;
  /** Seen open, else seen the evening before as buds that open that day; those picked are not among them. */
  readonly males: number;
  /** Of them may be picked; the others stay for pollen. */
  readonly pick: number;
}

/** The males of a variety on a day. */
export interface VarietyBlossoms {
  readonly variety: Variety;
  /** In walking order; those that look diseased are left out. */
  readonly plants: readonly PlantBlossoms[];
  /** So many males its pollen is wanted of. */
  readonly needed: number;
  /** Of these, for plants whose females nobody counted. */
  readonly forUncounted: number;
  /** All that may be picked. */
  readonly surplus: number;
  /** Plants at which nobody looked: nothing is picked there. */
  readonly unseen: number;
  readonly suspect: number;
}

/** Of a plant whose females nobody counted, so many are taken to open. Our default. */
const FEMALES_UNCOUNTED = 1;

/**
 * The males of a day that no pollination wants: only those that were seen, and never one that is marked. What is kept for
 * pollen stays on as many plants as it can. Of crops whose blossoms are eaten.
 *
 * @example surplusBlossoms(journal, '2026-07-19')[0]?.surplus // 7
 */
export function surplusBlossoms(journal: Journal, day: Day): VarietyBlossoms[] {
  const standing = groupBy(
    [...journal.all('plant').values()].filter(({ removed }) => !removed),
    ({ variety }) => variety,
  );
  const known: OnDay = { day, wanted: wantedByFather(journal, day), picked: pickedOn(journal, day) };
  return [...standing]
    .flatMap(([id, plants]) => {
      const variety = journal.all('variety').get(id);
      if (!variety || !cropOf(variety.crop).blossomsEaten) return [];
      return [ofVariety(journal, variety, plants.toSorted(comparePlants(journal.all('bed'))), known)];
    })
    .sort((a, b) => byName(a.variety.name, b.variety.name) || byId(a.variety.variety, b.variety.variety));
}

interface OnDay {
  readonly day: Day;
  readonly wanted: ReadonlyMap<string, number>;
  readonly picked: ReadonlyMap<string, number>;
}

function ofVariety(
  journal: Journal,
  variety: Variety,
  plants: readonly Plant[],
  { day, wanted, picked }: OnDay,
): VarietyBlossoms {
  const { males: each } = techniqueOf(journal, {
    mother: variety.variety,
    father: variety.variety,
    purpose: variety.purpose,
  });
  const females = plants.map((plant) => femalesLeft(journal, variety, plant, day));
  const counted = females.reduce<number>((sum, count) => sum + (count ?? 0), 0);
  const uncounted = plantsIn(plants.filter((_, i) => females[i] === undefined)) * FEMALES_UNCOUNTED;
  const forUncounted = uncounted * each;
  const needed = (wanted.get(variety.variety) ?? 0) + counted * each + forUncounted;
  const healthy = plants.filter((plant) => !isSuspect(plant));
  const males = healthy.flatMap((plant) => malesOn(journal, plant, day, picked.get(plant.plant) ?? 0) ?? []);
  const kept = spread(
    males.map(({ males: count }) => count),
    needed,
  );
  const seen = males.map((own, i) => ({ ...own, pick: own.males - kept[i]! }));
  return {
    variety,
    plants: seen,
    ...{ needed, forUncounted, surplus: seen.reduce((sum, { pick }) => sum + pick, 0) },
    unseen: healthy.length - males.length,
    suspect: plants.length - healthy.length,
  };
}

/** Males that marked females want, beyond those that are marked for them, by the variety of the father. */
function wantedByFather(journal: Journal, day: Day): ReadonlyMap<string, number> {
  const wanted = new Map<string, number>();
  const add = (variety: string, count: number): void => {
    wanted.set(variety, (wanted.get(variety) ?? 0) + count);
  };
  const outings = new Set(
    [...journal.all('variety').values()].flatMap(({ crop }) => {
      const blooming = cropOf(crop).blossomsEaten ? bloomingCropOf(crop) : undefined;
      return blooming ? [outingOf(blooming)] : [];
    }),
  );
  for (const outing of outings) {
    const { buds } = flowersDue(journal, { day, outing });
    for (const { father, malesWanted } of buds.females) add(father, malesWanted);
    for (const { variety, used, serves } of buds.males) if (used < serves) add(variety, -1);
  }
  return new Map([...wanted].map(([variety, count]) => [variety, Math.max(0, count)]));
}

/**
 * The females of a plant that nobody marked and that have got no pollen yet; `undefined` where nobody counted. Marked ones
 * want males of their own.
 */
function femalesLeft(journal: Journal, variety: Variety, { plant }: Plant, day: Day): number | undefined {
  const seen = seenOn(journal, plant, day);
  if (!seen) return undefined;
  const done = journal.all('bloom').get(cohortOfVisit(plant, variety, day))?.count ?? 0;
  return Math.max(0, seen.female - marked(journal, plant, day, 'female') - done);
}

function malesOn(
  journal: Journal,
  plant: Plant,
  day: Day,
  picked: number,
): Pick<PlantBlossoms, 'plant' | 'males'> | undefined {
  const seen = seenOn(journal, plant.plant, day);
  if (!seen) return undefined;
  const gone = marked(journal, plant.plant, day, 'male') + picked;
  return { plant, males: Math.max(0, seen.male - gone) };
}

/** Open flowers, else the eve buds of the evening before, where somebody counted them. */
function seenOn(journal: Journal, plant: string, day: Day): BudCount | undefined {
  const walk = journal.all('walk').get(walkId(plant, day));
  if (!walk || walk.open) return walk?.open;
  return walk.scoutedEntry !== undefined || walk.swept ? walk.eve : undefined;
}

const marked = (journal: Journal, plant: string, day: Day, sex: 'female' | 'male'): number =>
  (journal.all('walk').get(walkId(plant, day))?.blooms ?? []).filter((id) => {
    const bloom = journal.all('bloom').get(id);
    return bloom !== undefined && (bloom.sex === 'male') === (sex === 'male');
  }).length;

/** Blossoms of a day that were picked, by plant. */
function pickedOn(journal: Journal, day: Day): ReadonlyMap<string, number> {
  const picked = new Map<string, number>();
  for (const pick of journal.all('blossoms').values())
    if (pick.day === day)
      for (const { plant, count } of pick.of) picked.set(plant, (picked.get(plant) ?? 0) + count);
  return picked;
}

/**
 * So many kept of several, one from each in turn, so that they come from as many as can be.
 *
 * @example spread([3, 1, 0], 3) // [2, 1, 0]
 */
export function spread(of: readonly number[], keep: number): number[] {
  const kept = of.map(() => 0);
  let left = Math.min(
    keep,
    of.reduce((sum, count) => sum + count, 0),
  );
  for (let turn = 1; left > 0; turn += 1)
    for (let i = 0; i < of.length && left > 0; i += 1)
      if (of[i]! >= turn) {
        kept[i]! += 1;
        left -= 1;
      }
  return kept;
}
