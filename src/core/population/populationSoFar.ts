import type { Fruit } from '../fruit/fruits';
import { fathersOf } from '../journal/fathersOf';
import type { Journal } from '../journal/journal';
import { getsItsOwn, pollinationsOf } from '../journal/pollinations';
import type { Bloom } from '../journal/state';
import type { Grade } from '../purity/fruitPurity';
import { finished, type InSteps } from '../time/inSteps';
import { effectiveSize, type Contribution } from './effectiveSize';

/** What the fruits of a season that seed may be kept of come to as parents of the next generation. */
export interface PopulationSoFar {
  /** Fruits of known mother and fathers. */
  readonly fruits: number;
  /** Plants. */
  readonly mothers: number;
  readonly fathers: number;
  /** Effective size, plants. */
  readonly size: number;
  /** The plant whose pollen on one more fruit would add most, and the size that would come to. */
  readonly nextFather?: NextParent;
  /** Likewise the plant on which one more fruit would. */
  readonly nextMother?: NextParent;
}

interface NextParent {
  readonly plant: string;
  readonly size: number;
}

/** Plants that could still be parents. */
export interface ParentsToCome {
  readonly fathers?: readonly string[];
  readonly mothers?: readonly string[];
}

/**
 * Mothers, fathers and effective size of a variety from the fruits whose seed may be kept: neither failed nor eaten, on a
 * plant that stands and is true, or harvested for seed. Each fruit is one share of seed
 * for its mother, and one of pollen, split evenly among the plants that gave it, as if each of them fathered as many
 * seeds; nobody can see which did. Of a stand that nobody numbers each fruit is taken to be of another plant, and each
 * portion of pollen. Fruits with pollen of another variety, or of plants that nobody named, are left out.
 *
 * @param fruits of the season, of any variety.
 * @param gradeOf how true the seed of a bloom is; what is not for seed does not count.
 * @param toCome of these it tells who would add most.
 * @example populationSoFar(journal, [], 'v', {}, () => 'true') // undefined: no fruit yet
 */
export const populationSoFar = (
  ...[journal, fruits, variety, toCome, gradeOf]: Parameters<typeof populationInSteps>
): PopulationSoFar | undefined => finished(populationInSteps(journal, fruits, variety, toCome, gradeOf));

/** The same, with a pause before each of its fruits. */
export function* populationInSteps(
  journal: Journal,
  fruits: readonly Fruit[],
  variety: string,
  toCome: ParentsToCome,
  gradeOf: (bloom: Bloom) => Grade | undefined,
): InSteps<PopulationSoFar | undefined> {
  const seed = new Map<string, number>();
  const pollen = new Map<string, number>();
  const more = (of: Map<string, number>, plant: string, share: number): unknown =>
    of.set(plant, (of.get(plant) ?? 0) + share);
  const nextOf = dealtOut(journal);
  let counted = 0;
  // In whatever order they come, the same are dealt out.
  for (const fruit of fruits.toSorted((a, b) => (a.bloom.bloom < b.bloom.bloom ? -1 : 1))) {
    if (fruit.variety.variety !== variety) continue;
    yield undefined;
    const growing = fruit.histories.filter(({ failed, ended }) => failed === undefined && !ended).length;
    const fathers = fathersOf(journal, fruit.bloom);
    const ofVariety = (plant: string): boolean => journal.all('plant').get(plant)?.variety === variety;
    if (growing === 0 || fathers.length === 0 || !fathers.every(ofVariety)) continue;
    if (!mayBeKept(fruit) || gradeOf(fruit.bloom) === 'notForSeed') continue;
    counted += growing;
    const selfed = pollinationsOf(fruit.bloom).every(({ donors }) => getsItsOwn(fruit.bloom, donors));
    for (let each = 0; each < growing; each += 1) {
      const mother = nextOf(fruit.plant.plant, 'mother');
      more(seed, mother, 1);
      if (selfed) more(pollen, mother, 1);
    }
    if (selfed) continue;
    for (const father of fathers) more(pollen, nextOf(father, 'father'), growing / fathers.length);
  }
  if (counted === 0) return undefined;
  const sizeWith = (more?: { readonly plant: string; readonly as: keyof Contribution }): number =>
    effectiveSize(
      [...new Set([...seed.keys(), ...pollen.keys(), ...(more ? [more.plant] : [])])].map(
        (plant): Contribution => ({
          seed: (seed.get(plant) ?? 0) + (plant === more?.plant && more.as === 'seed' ? 1 : 0),
          pollen: (pollen.get(plant) ?? 0) + (plant === more?.plant && more.as === 'pollen' ? 1 : 0),
        }),
      ),
    );
  const nextAs = (plants: readonly string[] = [], as: keyof Contribution): NextParent | undefined => {
    const role = as === 'seed' ? 'mother' : 'father';
    const [next] = [...new Set(plants.map((plant) => nextOf(plant, role, { only: 'asked' })))]
      .map((plant) => ({ plant, size: sizeWith({ plant, as }) }))
      .sort((a, b) => b.size - a.size || (a.plant < b.plant ? -1 : 1));
    return next && { ...next, plant: plantOfDealt(next.plant) };
  };
  const [nextFather, nextMother] = [nextAs(toCome.fathers, 'pollen'), nextAs(toCome.mothers, 'seed')];
  return {
    fruits: counted,
    mothers: seed.size,
    fathers: pollen.size,
    size: sizeWith(),
    ...(nextFather && { nextFather }),
    ...(nextMother && { nextMother }),
  };
}

/** Between the id of a stand and the number of one of its plants. */
const OF_STAND = '#';

/**
 * The plant, or the stand, that one that was dealt out is of.
 *
 * @example plantOfDealt('stand#3') // 'stand'
 */
export const plantOfDealt = (dealt: string): string => dealt.split(OF_STAND)[0]!;

/**
 * One plant of a stand after another, as each ear is taken of another plant, and each tassel: who gets what nobody numbers. A
 * plant by itself is always the same.
 */
export function dealtOut(journal: Journal): Dealer {
  const dealt = new Map<string, number>();
  return (plant, as, { only } = {}) => {
    const count = journal.all('plant').get(plant)?.count ?? 1;
    if (count === 1) return plant;
    // Fathers from the other end: while there are enough none is both.
    const before = dealt.get(`${as}|${plant}`) ?? 0;
    if (only !== 'asked') dealt.set(`${as}|${plant}`, before + 1);
    const number = before % count;
    return `${plant}${OF_STAND}${as === 'mother' ? number : count - 1 - number}`;
  };
}

/** The next plant of a stand; only asked for, it is still the next. */
export type Dealer = (plant: string, as: 'mother' | 'father', how?: { readonly only?: 'asked' }) => string;

/** What is eaten, or gave none when it was opened, gives no seed, and what hung on a plant that died with it none either. */
const mayBeKept = ({ bloom: { harvest, opened }, plant: { removed } }: Fruit): boolean =>
  removed?.why !== 'offType' &&
  opened?.none === undefined &&
  (harvest ? harvest.use === 'seed' : removed === undefined);
