import { cropOf } from '@/core/crops/catalogue';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { FlowerKind } from '@/core/flowers/signs/sign';
import type { Answer, Card, FateCard, Finding, FlowerCard } from '@/core/practice/cards';
import type { MorningStep } from '@/core/practice/steps';
import type { Part } from '@/ui/flowers/geometry/shape';
import { saySex } from './flowers';

/** What is asked. */
export const sayQuestion = (card: Card): string => {
  if (card.exercise === 'find') return 'Tap every bud that opens next morning';
  if (card.exercise === 'fate') return 'A week after pollination. What happened to this fruitlet?';
  if (card.exercise === 'steps') return 'The morning, for seed: tap the steps in their order';
  const { exercise, kind, crop } = card;
  if (exercise === 'sex') return 'Male or female?';
  if (exercise === 'seed') return 'It is morning. May this be used for seed?';
  if (cropOf(crop).flower?.type === 'grass')
    return kind.sex === 'male' ? 'When does this tassel shed?' : 'When does this shoot show its silk?';
  return 'It is evening. When does this flower open?';
};

/** Answers as buttons. */
export function sayAnswer(answer: Answer, form: FlowerForm): string {
  switch (answer) {
    case 'now':
      return 'Next morning';
    case 'later':
      return 'Later';
    case 'over':
      return form.type === 'grass' ? 'It does already, or did' : 'It is open, or over';
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
      return form.type === 'gourd' && answer === 'perfect' ? 'Both in one' : saySex(form, answer);
  }
}

/** The tell-tale sign: where on the drawing it is, and what it says. */
export interface Telling {
  readonly part: Part;
  readonly text: string;
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
export function sayWhyAge(form: FlowerForm, { sex, stage }: FlowerKind): Telling {
  if (form.type === 'grass') return sex === 'male' ? TASSEL[stage] : SHOOT[stage];
  const bud = form.type === 'gourd' ? GOURD_BUDS : OTHER_BUDS;
  switch (stage) {
    case 'open':
      return { part: 'petals', text: 'It is open: this is its day.' };
    case 'spent':
      return { part: 'petals', text: 'Wilted: it is over.' };
    default:
      return { part: 'bud', text: bud[stage] };
  }
}

export const GOURD_BUDS = {
  pin: 'Tiny, closed in its green leaves: three days or more.',
  green: 'The petals are still green and slack: about two days.',
  eve: 'Long and firm, and colour shows along the seams: it opens next morning.',
} as const;
const OTHER_BUDS = {
  pin: 'Tiny and green: some days off.',
  green: 'Larger, but no colour shows yet: not next morning.',
  eve: 'Colour shows between the green leaves, and it has not opened: next morning.',
} as const;
const TASSEL: Readonly<Record<FlowerKind['stage'], Telling>> = {
  pin: { part: 'leaf', text: 'Still wrapped in its leaves: days off.' },
  green: { part: 'tassel', text: 'Out, but its branches lie close and no anther hangs: not yet.' },
  eve: {
    part: 'anthers',
    text: 'The first anthers hang from the middle: it sheds next morning. Bag it now.',
  },
  open: { part: 'anthers', text: 'Anthers hang from all branches: it sheds now.' },
  spent: { part: 'tassel', text: 'Bare and pale: it has shed.' },
};
const SHOOT: Readonly<Record<FlowerKind['stage'], Telling>> = {
  pin: { part: 'shoot', text: 'A small shoot: some days off. Soon it gets its bag.' },
  green: { part: 'shoot', text: 'A fat shoot without silk: it is bagged now, before any shows.' },
  eve: { part: 'silk', text: 'The first tips of silk: the rest is out next morning.' },
  open: { part: 'silk', text: 'Long, fresh silk: it takes pollen now.' },
  spent: { part: 'silk', text: 'Brown and dry: it is over.' },
};

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
  pollinate: 'Rub pollen over all her lobes',
  close: 'Shut her again at once',
  tag: 'Tie the tag to her stalk',
};
const CORN_STEPS: Readonly<Partial<Record<MorningStep, string>>> = {
  collect: 'Tap the tassel into its bag and take the bag off',
  check: 'Look for torn bags and silk outside',
  uncover: 'Take the bag off the ear',
  pollinate: 'Tip the pollen over all the silk',
  close: 'Put the tassel bag over the ear and staple it',
  tag: 'Write down ear and tassel',
};

export const sayStep = (step: MorningStep, form: FlowerForm): string =>
  (form.type === 'grass' ? CORN_STEPS[step] : undefined) ?? STEPS[step];
