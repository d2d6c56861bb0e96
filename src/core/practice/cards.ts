import type { CropId } from '../crops/catalogue';
import type { FlowerStage } from '../crops/flowerForm';
import type { FruitFate } from '../flowers/fruitFate';
import { flowerUseOfKind } from '../flowers/flowerUse';
import { factsOf } from '../flowers/forms/forms';
import { kindsOf, seenCropOf, type SeenCrop } from '../flowers/kindsOf';
import type { FlowerKind } from '../flowers/signs/sign';
import { morningSteps } from './steps';

/**
 * What is practised. `sex`: male or female; `age`: does it open next, or, of what is bagged before, is it time to;
 * `seed`: may it be used for seed; `find`: which buds
 * of a whole plant open next; `fate`: what happened to a fruitlet; `steps`: the order of the morning.
 */
type Exercise = 'sex' | 'age' | 'seed' | 'find' | 'fate' | 'steps';

/** How a flower was found in the morning. */
const FINDINGS = ['covered', 'uncovered', 'hole', 'slipped', 'faded'] as const;
export type Finding = (typeof FINDINGS)[number];

/** One thing to know: a flower of a kind, in a crop. What is drawn differs each time. */
export interface FlowerCard {
  readonly id: string;
  readonly exercise: 'sex' | 'age' | 'seed';
  readonly crop: CropId;
  readonly kind: FlowerKind;
  readonly finding?: Finding;
  readonly answer: Answer;
}

/** A whole plant on which every bud that opens next is to be found. */
export interface PlantCard {
  readonly id: string;
  readonly exercise: 'find';
  readonly crop: CropId;
  readonly answer: 'all';
}

/** A fruitlet some days after its flower. */
export interface FateCard {
  readonly id: string;
  readonly exercise: 'fate';
  readonly crop: CropId;
  readonly answer: FateAnswer;
}

/** What is done in the morning for seed, to be put in order. */
export interface StepsCard {
  readonly id: string;
  readonly exercise: 'steps';
  readonly crop: CropId;
  readonly answer: 'all';
}

export type Card = FlowerCard | PlantCard | FateCard | StepsCard;

const FATE_ANSWERS = ['growing', 'yellowing', 'misshapen', 'endRot'] as const satisfies readonly FruitFate[];
type FateAnswer = (typeof FATE_ANSWERS)[number];

export type Answer =
  FlowerKind['sex'] | FateAnswer | 'now' | 'later' | 'over' | 'yes' | 'no' | 'all' | 'some';

/**
 * What there is to learn of a crop's flowers. Sex is asked where flowers differ in it, and at ages at which one handles
 * them; age of every flower; use for seed where a cover keeps insects out.
 *
 * @example cardsOf('strawberry').every(({ exercise }) => exercise === 'age') // true: all flowers are perfect
 */
export function cardsOf(id: CropId): Card[] {
  const crop = seenCropOf(id);
  if (!crop) return [];
  const kinds = kindsOf(crop, {})
    .map(({ kind }) => kind)
    .filter(({ style }) => style === undefined || style === 'long');
  const hasSexes = new Set(kinds.map(({ sex }) => sex)).size > 1 && !factsOf(crop.flower).sexesApart;
  const sexes = hasSexes
    ? inOrder(kinds, SEXES_LEARNT)
        .filter(({ stage }) => stage !== 'spent')
        .map((kind) => sexCard(id, kind))
    : [];
  const flowers = [
    ...inOrder(kinds, AGES_LEARNT).flatMap((kind, i) => [...sexes.slice(i, i + 1), ageCard(crop, kind)]),
    ...(crop.protocols.seed?.cover
      ? kinds.filter(({ stage }) => stage === 'open').flatMap((kind) => seedCards(crop, kind))
      : []),
  ];
  const steps: StepsCard[] =
    morningSteps(crop).length > 0 ? [{ id: `steps|${id}`, exercise: 'steps', crop: id, answer: 'all' }] : [];
  const { plants, fates = [] } = factsOf(crop.flower);
  if (!plants) return [...flowers, ...steps];
  const find: PlantCard = { id: `find|${id}`, exercise: 'find', crop: id, answer: 'all' };
  const fateCards = FATE_ANSWERS.filter((fate) => fates.includes(fate)).map((fate): FateCard => ({
    id: `fate|${id}|${fate}`,
    exercise: 'fate',
    crop: id,
    answer: fate,
  }));
  return [...flowers.slice(0, FIND_AFTER), find, ...steps, ...flowers.slice(FIND_AFTER), ...fateCards];
}

/** Which sex it is is easiest to tell of open flowers. */
const SEXES_LEARNT: readonly (readonly FlowerStage[])[] = [['open'], ['eve'], ['green'], ['spent'], ['pin']];
/** Of age what is taken for another comes first, side by side. */
const AGES_LEARNT: readonly (readonly FlowerStage[])[] = [['eve', 'green'], ['open'], ['spent'], ['pin']];

/** Kinds by what is learnt together: flower by flower, at the ages of a group. */
const inOrder = (kinds: readonly FlowerKind[], groups: typeof AGES_LEARNT): FlowerKind[] =>
  groups.flatMap((ages) => {
    const byAge = ages.map((age) => kinds.filter(({ stage }) => stage === age));
    return byAge[0]!.flatMap((_, i) => byAge.flatMap((each) => each.slice(i, i + 1)));
  });

/** So many single flowers are met before a whole plant is. */
const FIND_AFTER = 9;

const cardId = (exercise: Exercise, crop: CropId, { sex, stage }: FlowerKind, finding?: Finding): string =>
  [exercise, crop, sex, stage, ...(finding ? [finding] : [])].join('|');

const sexCard = (crop: CropId, kind: FlowerKind): FlowerCard => ({
  id: cardId('sex', crop, kind),
  exercise: 'sex',
  crop,
  kind,
  answer: kind.sex,
});

const AGE_ANSWERS: Readonly<Record<FlowerStage, Answer>> = {
  pin: 'later',
  green: 'later',
  eve: 'now',
  open: 'over',
  spent: 'over',
};

const ageCard = (crop: SeenCrop, kind: FlowerKind): FlowerCard => ({
  id: cardId('age', crop.id, kind),
  exercise: 'age',
  crop: crop.id,
  kind,
  answer: factsOf(crop.flower).sexesApart ? bagAnswer(crop, kind) : AGE_ANSWERS[kind.stage],
});

/** Ears and tassels are bagged before: is it time to? */
function bagAnswer(crop: SeenCrop, kind: FlowerKind): Answer {
  if (flowerUseOfKind(crop, kind, { goal: 'seed', cover: 'none' }).use === 'cover') return 'now';
  return kind.stage === 'pin' || kind.stage === 'green' ? 'later' : 'over';
}

const seedCards = (crop: SeenCrop, kind: FlowerKind): FlowerCard[] =>
  FINDINGS.map((finding) => {
    const found: FlowerKind = finding === 'faded' ? { ...kind, stage: 'spent' } : kind;
    const { use } = flowerUseOfKind(crop, found, {
      goal: 'seed',
      cover: finding === 'uncovered' ? 'none' : finding === 'slipped' ? 'opened' : 'intact',
      hole: finding === 'hole',
    });
    return {
      id: cardId('seed', crop.id, found, finding),
      exercise: 'seed',
      crop: crop.id,
      kind: found,
      finding,
      answer: use === 'pollinate' || use === 'pollen' ? 'yes' : 'no',
    };
  });

/**
 * What may be answered to a card.
 *
 * @example answersTo(cardsOf('pepo')[0]!) // ['female', 'male']
 */
export function answersTo({ exercise, crop }: Card): readonly Answer[] {
  switch (exercise) {
    case 'sex': {
      const facts = seenCropOf(crop);
      if (!facts) return [];
      return [...new Set(kindsOf(facts, {}).map(({ kind }) => kind.sex))].toSorted();
    }
    case 'age':
      return ['now', 'later', 'over'];
    case 'seed':
      return ['yes', 'no'];
    case 'find':
    case 'steps':
      return ['all', 'some'];
    case 'fate':
      return FATE_ANSWERS;
  }
}
