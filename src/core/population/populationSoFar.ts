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
  readonly next?: { readonly plant: string; readonly size: number };
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
 * @param candidates plants that could give pollen now.
 * @example populationSoFar(journal, [], 'v', [], () => 'true') // undefined: no fruit yet
 */
export const populationSoFar = (
  ...[journal, fruits, variety, candidates, gradeOf]: Parameters<typeof populationInSteps>
): PopulationSoFar | undefined => finished(populationInSteps(journal, fruits, variety, candidates, gradeOf));

/** The same, with a pause before each of its fruits. */
export function* populationInSteps(
  journal: Journal,
  fruits: readonly Fruit[],
  variety: string,
  candidates: readonly string[],
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
  const sizeWith = (father?: string): number =>
    effectiveSize(
      [...new Set([...seed.keys(), ...pollen.keys(), ...(father === undefined ? [] : [father])])].map(
        (plant): Contribution => ({
          seed: seed.get(plant) ?? 0,
          pollen: (pollen.get(plant) ?? 0) + (plant === father ? 1 : 0),
        }),
      ),
    );
  const [next] = [...new Set(candidates.map((plant) => nextOf(plant, 'candidate')))]
    .map((plant) => ({ plant, size: sizeWith(plant) }))
    .sort((a, b) => b.size - a.size || (a.plant < b.plant ? -1 : 1));
  return {
    fruits: counted,
    mothers: seed.size,
    fathers: pollen.size,
    size: sizeWith(),
    ...(next && { next: { ...next, plant: plantOfDealt(next.plant) } }),
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
export function dealtOut(journal: Journal): (plant: string, as: 'mother' | 'father' | 'candidate') => string {
  const dealt = new Map<string, number>();
  return (plant, as) => {
    const count = journal.all('plant').get(plant)?.count ?? 1;
    if (count === 1) return plant;
    // Fathers from the other end: while there are enough none is both.
    const at = as === 'mother' ? 'mother' : 'father';
    const before = dealt.get(`${at}|${plant}`) ?? 0;
    if (as !== 'candidate') dealt.set(`${at}|${plant}`, before + 1);
    const number = before % count;
    return `${plant}${OF_STAND}${at === 'mother' ? number : count - 1 - number}`;
  };
}

/** What is eaten, or gave none when it was opened, gives no seed, and what hung on a plant that died with it none either. */
const mayBeKept = ({ bloom: { harvest, opened }, plant: { removed } }: Fruit): boolean =>
  removed?.why !== 'offType' &&
  opened?.none === undefined &&
  (harvest ? harvest.use === 'seed' : removed === undefined);
