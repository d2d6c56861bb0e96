import { CROP_IDS, cropOf, type CropId } from '../crops/catalogue';
import type { FlowerStage } from '../crops/flowerForm';
import { flowerUseOfKind } from '../flowers/flowerUse';
import { kindsOf, type SeenCrop } from '../flowers/kindsOf';
import type { FlowerKind } from '../flowers/signs/sign';

/** What is practised. `sex`: male or female; `age`: does it open next; `seed`: may it be used for seed. */
export const EXERCISES = ['sex', 'age', 'seed'] as const;
export type Exercise = (typeof EXERCISES)[number];

/** How a flower was found in the morning. */
export const FINDINGS = ['covered', 'uncovered', 'hole', 'slipped', 'faded'] as const;
export type Finding = (typeof FINDINGS)[number];

/** One thing to know: a flower of a kind, in a crop. What is drawn differs each time. */
export interface Card {
  readonly id: string;
  readonly exercise: Exercise;
  readonly crop: CropId;
  readonly kind: FlowerKind;
  readonly finding?: Finding;
  readonly answer: Answer;
}

export type Answer = FlowerKind['sex'] | 'now' | 'later' | 'over' | 'yes' | 'no';

/** Crops whose flowers can be practised. */
export const PRACTICE_CROPS: readonly CropId[] = CROP_IDS.filter((id) => cropOf(id).flower !== undefined);

/**
 * What there is to learn of a crop's flowers. Sex is asked where flowers differ in it, and at ages at which one handles
 * them; age of every flower; use for seed where a cover keeps insects out.
 *
 * @example cardsOf('strawberry').every(({ exercise }) => exercise === 'age') // true: all flowers are perfect
 */
export function cardsOf(id: CropId): Card[] {
  const crop = cropOf(id) as SeenCrop & ReturnType<typeof cropOf>;
  if (crop.flower === undefined) return [];
  const kinds = kindsOf(crop, {}).filter(({ kind }) => kind.style === undefined || kind.style === 'long');
  const sexes = new Set(kinds.map(({ kind }) => kind.sex));
  return kinds.flatMap(({ kind }) => [
    ...(sexes.size > 1 && crop.flower.type !== 'grass' && kind.stage !== 'spent' ? [sexCard(id, kind)] : []),
    ageCard(id, kind),
    ...(crop.protocols.seed?.cover && kind.stage === 'open' ? seedCards(id, crop, kind) : []),
  ]);
}

const cardId = (exercise: Exercise, crop: CropId, { sex, stage }: FlowerKind, finding?: Finding): string =>
  [exercise, crop, sex, stage, ...(finding ? [finding] : [])].join('|');

const sexCard = (crop: CropId, kind: FlowerKind): Card => ({
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

const ageCard = (crop: CropId, kind: FlowerKind): Card => ({
  id: cardId('age', crop, kind),
  exercise: 'age',
  crop,
  kind,
  answer: AGE_ANSWERS[kind.stage],
});

const seedCards = (id: CropId, crop: SeenCrop, kind: FlowerKind): Card[] =>
  FINDINGS.map((finding) => {
    const found: FlowerKind = finding === 'faded' ? { ...kind, stage: 'spent' } : kind;
    const { use } = flowerUseOfKind(crop, found, {
      goal: 'seed',
      cover: finding === 'uncovered' ? 'none' : finding === 'slipped' ? 'opened' : 'intact',
      hole: finding === 'hole',
    });
    return {
      id: cardId('seed', id, found, finding),
      exercise: 'seed',
      crop: id,
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
      const facts = cropOf(crop) as SeenCrop & ReturnType<typeof cropOf>;
      return [...new Set(kindsOf(facts, {}).map(({ kind }) => kind.sex))].toSorted();
    }
    case 'age':
      return ['now', 'later', 'over'];
    case 'seed':
      return ['yes', 'no'];
  }
}
