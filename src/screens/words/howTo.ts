import type { Crop } from '@/core/crops/catalogue';
import type { CoverMethod } from '@/core/journal/kinds/walk';
import type { HowTo } from './forms/form';
import { wordsOf } from './forms/forms';

const COVERING: Readonly<Record<CoverMethod, HowTo>> = {
  tape: {
    drawing: 'tape',
    steps: [
      'Lay one strip over the tip: half on the petals, half above them, no further than half-way down.',
      'Fold its ends to tabs, and pinch the very top shut: insects climb in there.',
      'Take wide tape that holds well: strong flowers tear it.',
    ],
  },
  cord: {
    drawing: 'tape',
    steps: ['Tie soft cord round the petals near the tip, snug, so that they cannot part.'],
  },
  peg: { drawing: 'tape', steps: ['Clip the tip of the petals shut with a light peg.'] },
  bag: {
    drawing: 'bag',
    steps: [
      'Pull a fine mesh bag over the bud.',
      'Close it round the stalk: snug, never strangling it.',
      'Look that no insect is inside.',
    ],
  },
  indoors: {
    drawing: 'strip',
    steps: ['Cut the bud with a long stalk.', 'Label it at once, and stand it in water indoors overnight.'],
  },
  shootBag: {
    drawing: 'ear',
    steps: [
      'Bag the shoot before any silk shows: silk that was out has met other pollen.',
      'Push the bag down between leaf and stalk so that wind does not take it.',
    ],
  },
  tasselBag: {
    drawing: 'tassel',
    steps: [
      'Put the bag over the whole tassel in the afternoon: what fell on it before is dead by morning.',
      'Fold it round the stalk and staple it.',
    ],
  },
  none: { drawing: 'tape', steps: ['Tie a tag or twine to the bud, so that you find it in the morning.'] },
};

const EMASCULATING: HowTo = {
  drawing: 'emasculate',
  steps: [
    'Choose a bud whose petals have begun to colour and are still shut.',
    'With fine tweezers take off all the anthers; where they are one tube, pull it off whole. Do not touch the stigma.',
    'Look that the stigma is clean. Bag the flower and label it at once.',
  ],
};

/** How a bud is covered, or emasculated. */
export const howToCover = (method: CoverMethod, emasculate: boolean): HowTo =>
  emasculate ? EMASCULATING : COVERING[method];

/** How pollen is got. */
export function howToPick({ habit, flower }: Pick<Crop, 'habit' | 'flower'>): HowTo {
  const { pick } = wordsOf(flower);
  if (pick) return pick;
  if (habit === 'perfect')
    return {
      drawing: 'vibrate',
      steps: [
        'Take an open flower from its bag.',
        'Vibrate it over a clean, dry spoon: yellow dust is pollen.',
        'None comes? Wait until the air is drier, around noon.',
      ],
    };
  return {
    drawing: 'strip',
    steps: [
      'Look at the base for a hole: with one, an insect was in. Do not use it for seed.',
      'Pull the petals off down to the base: what is left is your brush.',
      'Keep it dry, and out of the sun.',
    ],
  };
}

const SHAKING: HowTo = {
  drawing: 'bag',
  steps: [
    'Tap or shake the bag for a few seconds: the pollen falls on its own stigma.',
    'Look that the bag is whole and shut. It stays on until fruit has formed.',
    'Tie the tag on the stalk, outside the bag.',
  ],
};

/** How it is brought to what bears the fruit, and what is done after. */
export function howToPollinate(
  { habit, flower, smallFlowered }: Pick<Crop, 'habit' | 'flower' | 'smallFlowered'>,
  covered: boolean,
  own = false,
): HowTo {
  if (own) return SHAKING;
  const { bring } = wordsOf(flower);
  if (bring) return bring;
  if (habit === 'perfect')
    return {
      drawing: 'emasculate',
      steps: [
        'Dip the stigma into the pollen, or touch it with the spoon, gently.',
        'Close the bag again, and see that the label is on the stalk.',
        'Do it once more tomorrow: not all take.',
      ],
    };
  return {
    drawing: 'brush',
    steps: [
      covered
        ? 'Hold it by the tabs and tear the petal ends off with the tape; short petals are unpeeled.'
        : 'Bend the petals aside.',
      smallFlowered
        ? 'Touch every lobe of the stigma with the male, lightly: the flower is small.'
        : 'Rub the males over all the lobes of the stigma, and keep bees off meanwhile.',
      ...(covered ? ['Shut it with two fresh strips, gently: pressed too hard it breaks off.'] : []),
      'Tag the stalk of the fruit, not the flower, in a loop as wide as a thumb: the stalk thickens.',
    ],
  };
}
