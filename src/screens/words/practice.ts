import { cropOf } from '@/core/crops/catalogue';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { FlowerKind } from '@/core/flowers/signs/sign';
import type { Answer, Card, FateCard, Finding, FlowerCard } from '@/core/practice/cards';
import type { MorningStep } from '@/core/practice/steps';
import { saySex } from './flowers';
import type { Telling } from './forms/form';
import { wordsOf } from './forms/forms';

/** What is asked. */
export const sayQuestion = (card: Card): string => {
  if (card.exercise === 'find') return 'Tap every bud that opens next morning';
  if (card.exercise === 'fate') return 'A week after pollination. What happened to this fruitlet?';
  if (card.exercise === 'steps') return 'The morning, for seed: tap the steps in their order';
  const { exercise, kind, crop } = card;
  if (exercise === 'sex') return 'Male or female?';
  if (exercise === 'seed') return 'It is morning. May this be used for seed?';
  return wordsOf(cropOf(crop).flower).asksWhen(kind.sex);
};

/** Answers as buttons. */
export function sayAnswer(answer: Answer, form: FlowerForm): string {
  switch (answer) {
    case 'now':
    case 'later':
    case 'over':
      return wordsOf(form).when[answer];
    case 'yes':
      return 'Yes';
    case 'no':
      return 'No';
    case 'all':
      return 'All found';
    case 'some':
      return 'Not all, or others';
    case 'growing':
      return 'It took';
    case 'yellowing':
      return 'Got no pollen';
    case 'misshapen':
      return 'Too little pollen';
    case 'endRot':
      return 'End rot';
    default:
      return (answer === 'perfect' ? wordsOf(form).bothInOne : undefined) ?? saySex(form, answer);
  }
}

const SEED: Readonly<Record<Finding, Telling>> = {
  covered: { part: 'cover', text: 'The cover held all night: no insect has been in. Use it.' },
  uncovered: {
    part: 'petals',
    text: 'It stood open without a cover: anybody’s pollen may be in it. For fruit only.',
  },
  hole: { part: 'defect', text: 'An insect has bitten in, and brought pollen. Not for seed.' },
  slipped: {
    part: 'cover',
    text: 'The cover came off and the flower opened: insects may have been in. Not for seed.',
  },
  faded: { part: 'petals', text: 'It is wilted: its pollen is old, or its hour is over. Not for seed.' },
};

/** Why an answer is right, shown on the drawing. */
export function tellingOf({ exercise, kind, crop, finding }: FlowerCard, face: boolean): Telling {
  const form = cropOf(crop).flower!;
  if (exercise === 'seed') return SEED[finding!];
  return exercise === 'sex' ? sayWhySex(kind.sex, face) : sayWhyAge(form, kind);
}

/** By what a sex is told, on a flower seen from the side or from the front. */
export const sayWhySex = (sex: FlowerKind['sex'], face: boolean): Telling =>
  face ? SEX_INSIDE[sex] : sex === 'male' ? MALE_STALK : FRUITLET;

const FRUITLET: Telling = {
  part: 'fruitlet',
  text: 'A small fruit sits between flower and stalk: that is what will grow.',
};
const MALE_STALK: Telling = {
  part: 'stalk',
  text: 'The stalk runs even right up to the flower; nothing swells. A male.',
};
const SEX_INSIDE: Readonly<Record<FlowerKind['sex'], Telling>> = {
  male: { part: 'column', text: 'One column in the middle, covered in loose pollen: a male.' },
  female: { part: 'lobes', text: 'Several lobes in the middle, and no pollen: a female.' },
  perfect: { part: 'anthers', text: 'Lobes, with anthers round them: both in one.' },
};

/** By what an age is told. */
export const sayWhyAge = (form: FlowerForm, { sex, stage }: FlowerKind): Telling =>
  wordsOf(form).ages(sex)[stage];

export const FATES: Readonly<Record<FateCard['answer'], Telling & { readonly seen: string }>> = {
  growing: {
    part: 'fruitlet',
    seen: 'large, even and green',
    text: 'Large and even, the petals dry at its end: it took.',
  },
  yellowing: {
    part: 'fruitlet',
    seen: 'small, yellow and shrivelled',
    text: 'Small, yellow from the tip, no growth: it got no pollen that worked. Take it off.',
  },
  misshapen: {
    part: 'fruitlet',
    seen: 'large, and narrow at the flower end',
    text: 'It grew, and is narrow at the flower end: some of its lobes got pollen, some not.',
  },
  endRot: {
    part: 'defect',
    seen: 'large, with a dark, sunken patch at the flower end',
    text: 'A dark, sunken patch at the flower end: uneven water and calcium, not pollen. Water evenly.',
  },
};

const STEPS: Readonly<Record<MorningStep, string>> = {
  collect: 'Pick males from other plants',
  strip: 'Pull their petals off to the base',
  check: 'Look for holes and slipped covers',
  uncover: 'Open the female',
  pollinate: 'Rub pollen over all its lobes',
  close: 'Shut it again at once',
  tag: 'Tie the tag to its stalk',
};
export const sayStep = (step: MorningStep, form: FlowerForm): string =>
  wordsOf(form).steps[step] ?? STEPS[step];
