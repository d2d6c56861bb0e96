import type { CropId } from '@/core/crops/catalogue';
import { cropOf } from '@/core/crops/catalogue';
import type { FlowerForm } from '@/core/crops/flowerForm';
import type { EvidenceName } from '@/core/diagnosis/tables/failureTable';
import type { FruitGap } from '@/core/flowers/forms/form';
import type { Cause, FruitSign } from '@/core/journal/kinds/fruit';

interface CauseWords {
  readonly name: string;
  /** How it looks. */
  readonly sign: string;
  /** What to do about it; nothing where nothing follows. */
  readonly advice: string;
}

interface SignWords {
  readonly asks: string;
  readonly name: string;
  /** As a reason: where it is so, and where it is not. */
  readonly so: string;
  readonly not: string;
}

/** What is said of failing where a form of flower has words of its own. */
interface FailingWords {
  /** What to do with it, whatever it was. */
  readonly first?: string;
  readonly causes: Readonly<Partial<Record<Cause, Partial<CauseWords>>>>;
  readonly signs: Readonly<Partial<Record<FruitSign, Partial<SignWords>>>>;
}

const CAUSE_WORDS: Readonly<Record<Cause, CauseWords>> = {
  neverPollinated: {
    name: 'No pollen reached it',
    sign: 'whole fruitlet small and yellow, no growth',
    advice:
      'Take it off. Pollinate the next one earlier in its hours, with fresh pollen all over what takes it.',
  },
  partlyPollinated: {
    name: 'Too little pollen',
    sign: 'grew, then tapered or bent, soft or brown at the tip',
    advice: 'It can be eaten, and gives little seed. Use more pollen, or another male, and rub all round.',
  },
  notAllOpen: {
    name: 'Part of it opened on another day',
    sign: 'one part filled, another empty',
    advice: 'Come back on the next mornings, as long as any of it opens.',
  },
  incompatiblePollen: {
    name: 'Pollen that does not suit it',
    sign: 'no growth, whatever was done',
    advice: 'Use pollen of another plant of its own kind; that of another species does nothing.',
  },
  shortStyle: {
    name: 'Short style',
    sign: 'the stigma ends below the anthers',
    advice:
      'Nothing went wrong: such flowers hardly set. Work those whose stigma stands out; feed and water a plant that has few of them.',
  },
  blossomEndRot: {
    name: 'Blossom-end rot',
    sign: 'a dark, sunken, leathery patch at the flower end: water and calcium, not pollen',
    advice:
      'This is not poor pollination, and no lack of bees. Water evenly, neither wet nor dry, counting the rain; give calcium where the soil lacks it; take the fruit off. It can spoil a well pollinated fruit too.',
  },
  tooMuchFruit: {
    name: 'Too much fruit',
    sign: 'young ones shed while older ones swell',
    advice: 'Nothing went wrong: the plant feeds the older ones. Pick or thin before you pollinate the next.',
  },
  heatOrCold: {
    name: 'Heat or cold',
    sign: 'very hot or cold days around it',
    advice: 'Nobody can help the weather. Shade in great heat, and try the next flowers.',
  },
  rain: {
    name: 'Rain in the flower',
    sign: 'wet when it was open',
    advice: 'Wet pollen dies. Cover what opens before rain, and pollinate when it is dry.',
  },
  wetRot: {
    name: 'Rot under petals or tape',
    sign: 'soft and mouldy where petals stuck',
    advice: 'Take petals and tape off once it swells, so that air reaches it.',
  },
  pest: {
    name: 'Pest or hole',
    sign: 'bitten, or a hole in the side',
    advice: 'Look for what bit it before the next ones open.',
  },
  handled: {
    name: 'Handled too hard',
    sign: 'broke at the stalk',
    advice: 'Hold the stalk with the other hand, and press the petals lightly.',
  },
  vineDamage: {
    name: 'Hurt or wilting vine',
    sign: 'its vine wilts, or is broken or gnawed',
    advice: 'Look along the vine for borers, gnawing and breaks; one that wilts carries no fruit.',
  },
  unknown: { name: 'Cannot say', sign: '', advice: '' },
};

const SIGN_WORDS: Readonly<Record<FruitSign, SignWords>> = {
  wholeYellow: {
    asks: 'Is the whole fruitlet small and yellow?',
    name: 'whole fruitlet small and yellow',
    so: 'the whole fruitlet is small and yellow',
    not: 'it is not yellow as a whole',
  },
  empty: { asks: 'Is it empty?', name: 'empty', so: 'it is empty', not: 'it is not empty' },
  tapered: {
    asks: 'Does it taper or bend, thin towards the flower end?',
    name: 'tapers or bends',
    so: 'it tapers or bends',
    not: 'it neither tapers nor bends',
  },
  scattered: {
    asks: 'Are there gaps all over?',
    name: 'gaps all over',
    so: 'it has gaps all over',
    not: 'it has no gaps all over',
  },
  oneSide: {
    asks: 'Are there gaps along one side?',
    name: 'gaps along one side',
    so: 'one side of it has gaps',
    not: 'no side of it is worse',
  },
  emptyTip: {
    asks: 'Is only its tip empty?',
    name: 'tip empty',
    so: 'its tip is empty',
    not: 'its tip is full',
  },
  emptyRing: {
    asks: 'Is there a ring of empty hulls?',
    name: 'a ring of empty hulls',
    so: 'a ring of it is empty',
    not: 'no ring of it is empty',
  },
  emptyMiddle: {
    asks: 'Is its middle empty?',
    name: 'middle empty',
    so: 'its middle is empty',
    not: 'its middle is full',
  },
  softTip: {
    asks: 'Is the tip soft or brown?',
    name: 'tip soft or brown',
    so: 'its tip is soft or brown',
    not: 'its tip is sound',
  },
  blackCentre: {
    asks: 'Is its centre black?',
    name: 'black centre',
    so: 'its centre is black',
    not: 'its centre is not black',
  },
  darkPatch: {
    asks: 'Is there a dark, sunken, leathery patch at the flower end?',
    name: 'dark, sunken patch at the flower end',
    so: 'it has a dark, sunken patch',
    not: 'it has no dark patch',
  },
  petalRot: {
    asks: 'Do rotting petals stick to it?',
    name: 'rotting petals on it',
    so: 'rotting petals stick to it',
    not: 'no petals rot on it',
  },
  hole: {
    asks: 'Is it bitten, or is there a hole?',
    name: 'bitten, or a hole',
    so: 'it is bitten, or has a hole',
    not: 'it is not bitten',
  },
  broken: {
    asks: 'Is it broken at the stalk?',
    name: 'broken at the stalk',
    so: 'it broke at the stalk',
    not: 'it is not broken',
  },
  vineHurt: {
    asks: 'Does its vine wilt, or is it broken or gnawed?',
    name: 'vine wilts, or is hurt',
    so: 'its vine wilts, or is hurt',
    not: 'its vine is sound',
  },
  shortStyle: {
    asks: 'Did its stigma end below the anthers?',
    name: 'short style',
    so: 'its style was short',
    not: 'its style was not short',
  },
  othersSwell: {
    asks: 'Do older fruits swell on the same plant?',
    name: 'older fruits swell on the plant',
    so: 'older fruits swell on the plant',
    not: 'no other fruit swells on the plant',
  },
};

const CIRCUMSTANCE_WORDS: Readonly<Record<Exclude<EvidenceName, FruitSign>, Pick<SignWords, 'so' | 'not'>>> =
  {
    grew: { so: 'it had grown', not: 'it had not grown' },
    fewMales: { so: 'it got one male', not: 'it got two males or more' },
    late: { so: 'it was pollinated late', not: 'it was pollinated in time' },
    oneDay: { so: 'it was pollinated on one day', not: 'it was pollinated on several days' },
    ownPlant: { so: 'its pollen was of its own plant', not: 'its pollen was of another plant' },
    unfitPollen: { so: 'its pollen cannot father it', not: 'its pollen suits it' },
    rained: { so: 'it rained that day', not: 'it was dry that day' },
    hotOrCold: { so: 'the days around it were very hot or cold', not: 'the days around it were mild' },
  };

const REMOVE = 'Remove a failing fruitlet, so that it costs the plant nothing.';

const PLANT_DAMAGE = {
  name: 'Hurt or wilting stem',
  sign: 'its stem wilts, or is broken or gnawed',
  advice: 'Look along the stem for borers, gnawing and breaks; one that wilts carries no fruit.',
} as const;
const STEM_HURT = {
  asks: 'Does its stem wilt, or is it broken or gnawed?',
  name: 'stem wilts, or is hurt',
  so: 'its stem wilts, or is hurt',
  not: 'its stem is sound',
} as const;

const POD: FailingWords = {
  causes: {
    neverPollinated: {
      sign: 'the flower falls, or its pod stays tiny',
      advice: 'Pollinate the next ones as soon as they open, with fresh pollen.',
    },
    partlyPollinated: {
      sign: 'the pod is pinched where no seed is',
      advice: 'It can be eaten, and gives little seed. Use more pollen on the next ones.',
    },
    tooMuchFruit: {
      advice: 'Nothing went wrong: the plant feeds the older pods. Pick them, and it sets again.',
    },
    handled: { advice: 'Hold the stalk with the other hand, and open the flower with a light finger.' },
    vineDamage: PLANT_DAMAGE,
  },
  signs: {
    wholeYellow: {
      asks: 'Did it fall as a flower, or as a tiny, yellow pod?',
      name: 'fell as a flower, or tiny and yellow',
      so: 'it fell as a flower, or tiny and yellow',
      not: 'it did not fall as a flower',
    },
    tapered: {
      asks: 'Is the pod pinched, as if seeds were missing?',
      name: 'pinched pod',
      so: 'the pod is pinched',
      not: 'the pod is not pinched',
    },
    othersSwell: {
      asks: 'Do older pods hang on the same plant?',
      name: 'older pods on the plant',
      so: 'older pods hang on the plant',
      not: 'no older pod hangs on the plant',
    },
    vineHurt: STEM_HURT,
  },
};

/** Every form of flower: one that is missing does not compile. */
const BY_FORM: Readonly<Record<FlowerForm['type'], FailingWords>> = {
  gourd: { first: REMOVE, causes: {}, signs: {} },
  grass: {
    causes: {
      neverPollinated: {
        sign: 'hardly a kernel on it',
        advice: 'Bring pollen to the next ear within five days of its first silk, over all of the silk.',
      },
      partlyPollinated: {
        sign: 'kernels stand here and there',
        advice:
          'It can be eaten, and gives some seed. Take a second tassel, tip the pollen over all of the silk, and spread the silk first.',
      },
      notAllOpen: {
        name: 'The last silk came later',
        sign: 'full at the base, empty at the tip',
        advice:
          'The silk of the tip comes last: come back with a fresh tassel the next morning. Cut the shoot tip a day or two before, so that the silk comes out even.',
      },
      incompatiblePollen: {
        advice: 'Use pollen of another corn plant; some popcorn takes only that of popcorn.',
      },
      tooMuchFruit: {
        name: 'A second ear',
        sign: 'thin, below a full one on the same stalk',
        advice: 'Nothing went wrong: the stalk feeds its upper ear first. Work the upper one.',
      },
      heatOrCold: {
        sign: 'very hot or dry days while it silked',
        advice: 'Water while it silks, and shake the pollen early, before the heat.',
      },
      rain: { sign: 'wet silk and clotted pollen that day' },
      pest: {
        sign: 'silk or kernels eaten',
        advice:
          'Look for what eats silk and kernels; silk bitten short takes pollen again once it has grown.',
      },
      handled: { sign: 'the ear or its stalk is broken', advice: 'Bend nothing but the tassel.' },
    },
    signs: {
      empty: {
        asks: 'Has it hardly any kernel?',
        name: 'hardly a kernel',
        so: 'hardly a kernel is on it',
        not: 'there are kernels on it',
      },
      scattered: {
        asks: 'Do kernels stand here and there, with gaps all over?',
        name: 'kernels here and there',
        so: 'kernels stand here and there',
        not: 'kernels do not stand here and there',
      },
      oneSide: {
        asks: 'Are kernels missing along one side?',
        name: 'kernels missing along one side',
        so: 'kernels are missing along one side',
        not: 'both sides are alike',
      },
      hole: {
        asks: 'Are silk or kernels eaten?',
        name: 'silk or kernels eaten',
        so: 'silk or kernels are eaten',
        not: 'nothing is eaten',
      },
      broken: {
        asks: 'Is the ear or its stalk broken?',
        name: 'broken',
        so: 'it is broken',
      },
      othersSwell: {
        asks: 'Is there a fuller ear above it on the stalk?',
        name: 'a fuller ear above it',
        so: 'a fuller ear grows above it',
        not: 'no ear grows above it',
      },
    },
  },
  head: {
    causes: {
      neverPollinated: {
        sign: 'hulls, and nothing in them',
        advice: 'Rub or brush the next head every morning while its florets open.',
      },
      partlyPollinated: {
        sign: 'empty hulls here and there',
        advice: 'Take more pollen, of several heads, and go over the whole ring of open florets.',
      },
      notAllOpen: {
        name: 'A morning was missed',
        sign: 'a ring of empty hulls',
        advice:
          'Florets open ring by ring: come every morning, or every other one, until the middle is done.',
      },
      incompatiblePollen: {
        advice: 'Many lines take no pollen of their own plant: rub heads of different plants together.',
      },
      heatOrCold: {
        sign: 'the middle dried up',
        advice: 'Water while it flowers. Large heads often stay empty in the middle.',
      },
      wetRot: {
        name: 'Rot under the bag',
        sign: 'soft or mouldy',
        advice: 'Use a bag that lets air through, and take it off once the back is yellow.',
      },
      pest: {
        sign: 'seeds taken, or holes',
        advice: 'Keep the bag on against birds; look for what bores in.',
      },
      handled: {
        sign: 'the head or its stalk is broken',
        advice: 'Tie the stalk to a stake before bagging.',
      },
    },
    signs: {
      empty: {
        asks: 'Are nearly all of its hulls empty?',
        name: 'nearly all hulls empty',
        so: 'nearly all of its hulls are empty',
        not: 'many of its hulls are full',
      },
      scattered: {
        asks: 'Are empty hulls here and there?',
        name: 'empty hulls here and there',
        so: 'empty hulls are here and there',
        not: 'empty hulls are in one place',
      },
      petalRot: {
        asks: 'Is it soft or mouldy?',
        name: 'soft or mouldy',
        so: 'it is soft or mouldy',
        not: 'it is sound',
      },
      hole: {
        asks: 'Were seeds taken, or are there holes?',
        name: 'seeds taken, or holes',
        so: 'seeds were taken, or holes bored',
        not: 'no seed was taken',
      },
      broken: {
        asks: 'Is the head or its stalk broken?',
        name: 'broken',
        so: 'it is broken',
      },
    },
  },
  nightshade: {
    first: REMOVE,
    causes: {
      neverPollinated: {
        sign: 'the flower turns yellow at its joint and falls',
        advice: 'Shake the trusses about midday, every day or two, while the air is dry.',
      },
      partlyPollinated: {
        sign: 'small, hollow or one-sided, with few seeds',
        advice: 'It can be eaten, and gives little seed. Shake the trusses more often, about midday.',
      },
      incompatiblePollen: {
        advice: 'Take another father: some shed no good pollen, and that of another species does nothing.',
      },
      wetRot: {
        name: 'Grey mould',
        sign: 'soft and furry where petals stuck',
        advice: 'Take off what is mouldy and what shades it, and let air through.',
      },
      handled: {
        sign: 'broken or bruised where it was worked',
        advice: 'Pull the anthers off without touching the stigma, and hold the flower by its stalk.',
      },
      vineDamage: PLANT_DAMAGE,
    },
    signs: {
      wholeYellow: {
        asks: 'Did it fall as a flower, or small and yellow?',
        name: 'fell as a flower, or small and yellow',
        so: 'it fell as a flower, or small and yellow',
        not: 'it did not fall as a flower',
      },
      tapered: {
        asks: 'Is it small, hollow or one-sided?',
        name: 'small, hollow or one-sided',
        so: 'it is small, hollow or one-sided',
        not: 'it is even',
      },
      petalRot: {
        asks: 'Is it soft and furry where petals stick?',
        name: 'furry where petals stick',
        so: 'it is furry where petals stick',
        not: 'no mould is on it',
      },
      broken: {
        asks: 'Is it broken, or bruised where it was worked?',
        name: 'broken or bruised',
        so: 'it is broken or bruised',
        not: 'it is neither broken nor bruised',
      },
      vineHurt: STEM_HURT,
    },
  },
  dome: {
    causes: {
      neverPollinated: {
        sign: 'a small, hard, brown button',
        advice: 'Brush the next ones all round, on two or three days, about midday.',
      },
      partlyPollinated: {
        sign: 'crooked: parts swollen, parts hard',
        advice: 'It can be eaten. Brush all round the dome, with pollen of several flowers.',
      },
      notAllOpen: {
        name: 'Its pips were not all ready',
        sign: 'crooked, brushed on one day only',
        advice: 'They ripen in turn: brush each flower on two or three days.',
      },
      heatOrCold: {
        name: 'Frost or heat in the flower',
        sign: 'a black centre is frost',
        advice: 'Cover flowers in frosty nights; one with a black centre bears nothing.',
      },
      wetRot: {
        name: 'Grey mould',
        sign: 'soft and furry',
        advice: 'Take off what is mouldy, keep berries off wet soil, and let air through.',
      },
    },
    signs: {
      wholeYellow: {
        asks: 'Is it a small, hard, brown button?',
        name: 'a small, hard button',
        so: 'it is a small, hard button',
        not: 'it is no hard button',
      },
      tapered: {
        asks: 'Is it crooked, part swollen and part hard?',
        name: 'crooked',
        so: 'it is crooked',
        not: 'it is even',
      },
      petalRot: {
        asks: 'Is it soft and furry?',
        name: 'soft and furry',
        so: 'it is soft and furry',
        not: 'no mould is on it',
      },
    },
  },
  mallow: POD,
  keel: POD,
};

const wordsFor = (crop: CropId | undefined): FailingWords | undefined => {
  const form = crop && cropOf(crop).flower;
  return form && BY_FORM[form.type];
};

/**
 * What is said of a cause.
 *
 * @param crop missing where it is said of several.
 * @example causeWords('notAllOpen', 'corn').name // 'The last silk came later'
 */
export const causeWords = (cause: Cause, crop?: CropId): CauseWords => ({
  ...CAUSE_WORDS[cause],
  ...wordsFor(crop)?.causes[cause],
});

/**
 * What is asked and said of a sign.
 *
 * @example signWords('hole', 'corn').asks // 'Are silk or kernels eaten?'
 */
export const signWords = (sign: FruitSign, crop: CropId): SignWords => ({
  ...SIGN_WORDS[sign],
  ...wordsFor(crop)?.signs[sign],
});

/**
 * A piece of evidence as a reason.
 *
 * @example reasonWords('late', true, 'melon') // 'it was pollinated late'
 */
export function reasonWords(evidence: EvidenceName, so: boolean, crop: CropId): string {
  const words =
    evidence in CIRCUMSTANCE_WORDS
      ? CIRCUMSTANCE_WORDS[evidence as keyof typeof CIRCUMSTANCE_WORDS]
      : signWords(evidence as FruitSign, crop);
  return so ? words.so : words.not;
}

/** What to do first with what fails, whatever it was. */
export const firstOf = (crop: CropId): string | undefined => wordsFor(crop)?.first;

/** Where gaps are, as an answer. */
export const GAPS: Readonly<Record<FruitGap, string>> = {
  scattered: 'Here and there',
  oneSide: 'Along one side',
  emptyTip: 'At the tip',
  emptyRing: 'In a ring',
  emptyMiddle: 'In the middle',
};
