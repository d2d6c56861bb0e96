import type { Fruit } from '../fruit/fruits';
import { isOnPlant } from '../fruit/fruitHistory';
import { fruitSetRates, type SetRate } from '../fruit/setRates';
import type { Journal } from '../journal/journal';
import type { Taste } from '../journal/kinds/seed';
import { isDoubtfulType, isSuspect } from '../journal/plantCondition';
import type { Bloom, Plant } from '../journal/state';
import type { Grade } from '../purity/fruitPurity';
import { byId } from '../text/byId';
import { groupBy } from '../text/groupBy';
import { reason, type Reason } from '../text/reason';
import { mayGiveSeed } from '../years/seedStands';

/** How well a plant suits as a mother: nothing known against it and looked at; not looked at; doubtful; not for seed. */
export type MotherStanding = 'good' | 'notLooked' | 'doubtful' | 'no';

/** The best first. */
const STANDINGS: readonly MotherStanding[] = ['good', 'notLooked', 'doubtful', 'no'];

export type MotherReason =
  | 'mother.left'
  | 'mother.chosen'
  | 'mother.bitter'
  | 'mother.offType'
  | 'mother.suspect'
  | 'mother.doubtfulType'
  | 'mother.notNoted'
  | 'mother.healthy'
  | 'mother.pest'
  | 'mother.poorTaste'
  | 'mother.goodTaste'
  | 'mother.gave'
  | 'mother.bears'
  | 'mother.sets';

/** A plant that seed could be kept of, or is. */
export interface MotherCandidate {
  readonly plant: Plant;
  readonly standing: MotherStanding;
  /** The one that decides its standing first. */
  readonly reasons: readonly Reason<MotherReason>[];
  /** Fruits of it whose seed may be kept: picked for seed, or still growing. */
  readonly gave: number;
  readonly bears: number;
}

export interface MotherQuestion {
  readonly variety: string;
  /** Of the season, of any variety. */
  readonly fruits: readonly Fruit[];
  /** How true the seed of a bloom is. */
  readonly gradeOf: (bloom: Bloom) => Grade | undefined;
}

/**
 * The plants of a variety as mothers, the best first: healthy, typical, free of pests, with flesh that tastes as it
 * should, well set [common practice, no source]. Among those that are as good, first those the grower chose, then those
 * that gave least so far, since they widen the population most, then those whose flowers set best. Who was pulled out is left out, unless seed was
 * picked of it.
 *
 * @example motherCandidates(journal, { variety: 'v', fruits, gradeOf })[0].standing // 'good'
 */
export function motherCandidates(
  journal: Journal,
  { variety, fruits, gradeOf }: MotherQuestion,
): MotherCandidate[] {
  const ofPlant = groupBy(
    fruits.filter((fruit) => fruit.variety.variety === variety),
    ({ plant }) => plant.plant,
  );
  const standing = [...journal.all('plant').values()].filter((plant) => plant.variety === variety);
  return standing
    .flatMap((plant) => {
      const own = ofPlant.get(plant.plant) ?? [];
      const set = fruitSetRates(own.flatMap(({ histories }) => histories)).soFar;
      const candidate = candidateOf(journal, plant, { own, set, gradeOf });
      return plant.removed && candidate.gave === 0 ? [] : [{ candidate, set: shareOf(set) }];
    })
    .sort(
      (a, b) =>
        STANDINGS.indexOf(a.candidate.standing) - STANDINGS.indexOf(b.candidate.standing) ||
        Number(isChosen(b.candidate.plant)) - Number(isChosen(a.candidate.plant)) ||
        a.candidate.gave + a.candidate.bears - (b.candidate.gave + b.candidate.bears) ||
        b.set - a.set ||
        byId(a.candidate.plant.plant, b.candidate.plant.plant),
    )
    .map(({ candidate }) => candidate);
}

/** Of which nothing was looked at counts as any other: between none and all. */
const NOT_KNOWN = 0.5;

const shareOf = ({ of, hits }: SetRate): number => (of === 0 ? NOT_KNOWN : hits / of);

const isChosen = ({ selected }: Plant): boolean => selected?.choice === 'keep';

const noteOf = ({ selected }: Plant): Reason['params'] => ({ note: selected?.note ?? '' });

interface OfPlant {
  readonly own: readonly Fruit[];
  readonly set: SetRate;
  readonly gradeOf: MotherQuestion['gradeOf'];
}

function candidateOf(journal: Journal, plant: Plant, { own, set, gradeOf }: OfPlant): MotherCandidate {
  const kept = own.filter((fruit) => mayGiveSeed(journal, fruit) && gradeOf(fruit.bloom) !== 'notForSeed');
  const gave = kept.filter(({ bloom }) => bloom.harvest !== undefined).length;
  const bears = plant.removed
    ? 0
    : kept.reduce(
        (sum, { bloom, histories }) => sum + (bloom.harvest ? 0 : histories.filter(isOnPlant).length),
        0,
      );
  const against = againstIt(plant, own);
  const reasons = [
    ...against.map(({ why }) => why),
    ...(against.length === 0
      ? [plant.noted ? reason<MotherReason>('mother.healthy') : reason<MotherReason>('mother.notNoted')]
      : []),
    ...(isChosen(plant) ? [reason<MotherReason>('mother.chosen', noteOf(plant))] : []),
    ...(tastesOf(own).has('good') ? [reason<MotherReason>('mother.goodTaste')] : []),
    ...(gave > 0 ? [reason<MotherReason>('mother.gave', { fruits: gave })] : []),
    ...(bears > 0 ? [reason<MotherReason>('mother.bears', { fruits: bears })] : []),
    ...(set.of > 0 ? [reason<MotherReason>('mother.sets', { hits: set.hits, of: set.of })] : []),
  ];
  const worst = against
    .map(({ makes }) => makes)
    .sort((a, b) => STANDINGS.indexOf(b) - STANDINGS.indexOf(a))[0];
  return { plant, standing: worst ?? (plant.noted ? 'good' : 'notLooked'), reasons, gave, bears };
}

interface Against {
  readonly why: Reason<MotherReason>;
  readonly makes: MotherStanding;
}

/** What speaks against keeping seed of a plant, the worst first. */
function againstIt(plant: Plant, own: readonly Fruit[]): readonly Against[] {
  const tastes = tastesOf(own);
  const pests = own.filter(({ bloom }) => bloom.looks.some(({ cause }) => cause === 'pest')).length;
  const found: readonly (Against | false)[] = [
    plant.selected?.choice === 'leave' && { why: reason('mother.left', noteOf(plant)), makes: 'no' },
    tastes.has('bitter') && { why: reason('mother.bitter'), makes: 'no' },
    plant.removed?.why === 'offType' && { why: reason('mother.offType'), makes: 'no' },
    isSuspect(plant) && { why: reason('mother.suspect'), makes: 'no' },
    isDoubtfulType(plant) && { why: reason('mother.doubtfulType'), makes: 'doubtful' },
    tastes.has('poor') && { why: reason('mother.poorTaste'), makes: 'doubtful' },
    // A pest goes from plant to plant, and says little of one.
    pests > 0 && { why: reason('mother.pest', { fruits: pests }), makes: 'notLooked' },
  ];
  return found.filter((each) => each !== false);
}

const tastesOf = (fruits: readonly Fruit[]): ReadonlySet<Taste> =>
  new Set(fruits.flatMap(({ bloom }) => bloom.opened?.taste ?? []));
