import { FRUIT_SHAPES, type FruitShape } from '@/core/crops/flowerForm';
import type { CropCaution } from '@/core/crops/crop';
import { ENDOSPERMS, type TraitName, type VarietyTraits } from '@/core/crops/traits';
import type { Sowing } from '@/core/crops/variety';
import type { BarrierSort, Certainty, Ground } from '@/core/garden/surroundings';
import type { CrossingRisk } from '@/core/isolation/crossingRisk';
import type { ShareRange } from '@/core/isolation/expectedOutcrossing';
import type { IsolationMethod } from '@/core/isolation/isolationMethods';
import type { PlannedVariety, VarietyReport } from '@/core/planning/gardenPlan';
import type { Format } from '../format/format';
import { ENDOSPERM_NAMES } from './reasons/garden';
import { sentenceCase } from './sentenceCase';

/** The growers' words for the garden's plan. */

export const BARRIERS: Readonly<Record<BarrierSort, string>> = {
  trellis: 'Trellis',
  wall: 'Wall',
  building: 'Building',
  hedge: 'Hedge',
  forage: 'Dense bloom that insects feed on',
};

const BEHIND: Readonly<Record<BarrierSort, string>> = {
  trellis: 'a trellis',
  wall: 'a wall',
  building: 'a building',
  hedge: 'a hedge',
  forage: 'dense bloom',
};

export const GROUND_NAMES: Readonly<Record<Ground, string>> = {
  sheltered: 'Sheltered: hedges, houses, woods',
  mixed: 'Some of both',
  open: 'Open: plain or ridge, wind from afar',
};

export const CERTAINTY_NAMES: Readonly<Record<Certainty, string>> = {
  seen: 'I have seen it',
  told: 'I was told',
  guessed: 'I guess',
};

export const SOWING_NAMES: Readonly<Record<Sowing['how'], string>> = {
  sown: 'Sown in place',
  plantedOut: 'Planted out',
};

export const CROP_CAUTIONS: Readonly<Record<CropCaution, string>> = {
  bitterFruit: 'Fruit of a chance cross may be bitter and can poison: spit it out, do not eat it.',
  poisonousBerries: 'Its berries are poisonous.',
  mosaicOnHands:
    'Viruses travel on hands, blades and ties: clean them between beds, and take no seed from mottled plants.',
  fruitBlotch: 'Fruit blotch travels with seed and wet leaves: do not work while leaves are wet.',
  hotJuice: 'Hot kinds burn skin and eyes: wear gloves when taking seed.',
  bladesAndStaples: 'Mind blades and staples, and edges of leaves.',
};

const YES_NO = [
  { value: 'no', title: 'No', trait: false },
  { value: 'yes', title: 'Yes', trait: true },
] as const;

const FRUIT_SHAPE_NAMES: Readonly<Record<FruitShape, string>> = {
  round: 'Round',
  flat: 'Flat',
  oval: 'Oval',
  long: 'Long',
  bottle: 'Bottle, with a neck',
  curved: 'Curved',
  ribbed: 'Long and ribbed',
};

/** The questions about traits that differ between varieties of a crop, with their answers. */
export const TRAITS: {
  readonly [T in TraitName]: {
    readonly ask: string;
    readonly answers: readonly {
      readonly value: string;
      readonly title: string;
      readonly trait: VarietyTraits[T];
    }[];
  };
} = {
  flowers: {
    ask: 'Flowers that carry the fruit',
    answers: [
      { value: 'perfect', title: 'Perfect: stamens and fruitlet in one flower', trait: 'perfect' },
      { value: 'female', title: 'Female only', trait: 'female' },
    ],
  },
  parthenocarpic: { ask: 'Does it set fruit without pollen?', answers: YES_NO },
  gynoecious: {
    ask: 'Are all its flowers female?',
    answers: [
      { value: 'no', title: 'No, males too', trait: false },
      { value: 'yes', title: 'Yes, all or nearly all', trait: true },
    ],
  },
  seedless: { ask: 'Is its fruit seedless?', answers: YES_NO },
  style: {
    ask: 'Where does the style end?',
    answers: [
      { value: 'inserted', title: 'Inside the cone of stamens', trait: 'inserted' },
      {
        value: 'exserted',
        title: 'It stands out (also potato-leaved and currant types)',
        trait: 'exserted',
      },
    ],
  },
  endosperm: {
    ask: 'What kind of corn?',
    answers: ENDOSPERMS.map((value) => ({
      value,
      title: sentenceCase(ENDOSPERM_NAMES[value]),
      trait: value,
    })),
  },
  fruitShape: {
    ask: 'What shape is its fruit?',
    answers: FRUIT_SHAPES.map((value) => ({ value, title: FRUIT_SHAPE_NAMES[value], trait: value })),
  },
};

/** Names by id, of varieties and of sources outside the garden. */
export type NameOf = (id: string) => string;

const listed = (names: readonly string[]): string =>
  names.length <= 1 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;

/** Plants nearer than this stand side by side, metres. */
const SIDE_BY_SIDE_M = 0.3;

const sayAway = (metres: number, f: Format): string =>
  metres < SIDE_BY_SIDE_M ? 'next to it' : `${f.length(metres)} away`;

/** What is assumed of beds that nobody placed. */
export const UNPLACED =
  'Where some beds lie was not said: they count as next to each other. Place them on the plan, and distances count as they are.';

/** One sentence: is the variety safe, and if not, from what. */
export function verdictSentence(
  { isolation, variety, places, needs }: VarietyReport,
  name: NameOf,
  f: Format,
): string {
  const { verdict, risks, requiredMetres } = isolation;
  const worst = risks[0];
  if (places.length === 0) return 'No plant of it is on the plan yet.';
  if (needs.some(({ code }) => code === 'keepUnpollinated')) {
    return 'Sets fruit without pollen, and pollen spoils it: keep bees and brushes away.';
  }
  if (verdict === 'notRequired') return 'Grown to eat: its fruit stays as it is, whatever pollen comes.';
  if (verdict === 'noRisk' || !worst) {
    return variety.purpose === 'eat'
      ? 'Nothing that is known of spoils it.'
      : 'Nothing that is known of can cross with it.';
  }
  if (verdict === 'isolated') {
    return worst.isolatedBy === 'time'
      ? `Isolated by time: ${name(worst.id)} flowers ${f.count(worst.daysApart ?? 0, 'day', 'days')} apart.`
      : `Isolated by distance: ${name(worst.id)} is ${sayAway(worst.metres, f)}; ${f.length(worst.requiredMetres)} are enough.`;
  }
  if (verdict === 'rareOnly') {
    return `${name(worst.id)} is ${sayAway(worst.metres, f)} and crosses with it, though rarely.`;
  }
  const { open } = isolation.count;
  const more = open > 1 ? `, ${f.count(open - 1, 'other', 'others')} nearby` : '';
  const spoils = variety.purpose === 'eat' && worst.compatibility.xenia === 'spoils';
  return `${name(worst.id)} is ${sayAway(worst.metres, f)}${more}, and ${
    spoils ? 'spoils its kernels this year' : 'crosses freely'
  }: keep ${f.length(requiredMetres)} away.`;
}

const timingOf = (daysApart: number | undefined, f: Format): string => {
  if (daysApart === undefined) return 'when it flowers is not known';
  if (daysApart === 0) return 'flowers at the same time';
  return `flowers ${f.count(daysApart, 'day', 'days')} apart`;
};

const AS_KNOWN: Readonly<Record<Certainty, string>> = {
  seen: '',
  told: 'as you were told',
  guessed: 'as you guess',
};

const ISOLATED_BY: Readonly<Record<CrossingRisk['isolatedBy'], string>> = {
  distance: 'far enough away',
  time: 'far enough apart in time',
  nothing: '',
};

/** How far, what stands between, and when: one line under the name of a crossing risk. */
export function riskNote(risk: CrossingRisk, f: Format): string {
  const parts = [
    `${sayAway(risk.metres, f)}, ${f.length(risk.requiredMetres)} needed`,
    risk.barriers.length > 0 ? `behind ${listed(risk.barriers.map((sort) => BEHIND[sort]))}` : '',
    timingOf(risk.daysApart, f),
    risk.certainty ? AS_KNOWN[risk.certainty] : '',
    ISOLATED_BY[risk.isolatedBy],
  ];
  return `${parts.filter(Boolean).join('; ')}.`;
}

/** An isolation method as something one can do. */
export function sayMethod(
  { method, about, amount }: IsolationMethod,
  name: NameOf,
  f: Format,
): { do: string; cost: string } {
  const names = listed(about.map(name));
  switch (method) {
    case 'askNeighbour':
      return {
        do: `Ask what grows there, and when it flowers: ${names}.`,
        cost: 'It costs a word over the fence.',
      };
    case 'timeIsolation':
      return {
        do: `Sow so that there are ${f.count(amount ?? 0, 'day', 'days')} between the last pollen of one and the first silk of the other: ${names}. The calendar calculates when.`,
        cost: 'It costs waiting, and takes a long season.',
      };
    case 'coverAndHandPollinate':
      return {
        do: 'Cover flowers the evening before and pollinate by hand in the morning.',
        cost: 'It costs work on as many mornings as you want fruits.',
      };
    case 'bagFlowers':
      return {
        do: 'Bag buds before they open, shake the bag, tag what set inside: choose it under How you work, and walk and round lead there.',
        cost: 'It costs bags and a shake of each.',
      };
    case 'cage':
      return {
        do: 'Cage the plants with fine net before the first flower, and put insects in or pollinate by hand.',
        cost: 'It costs building a cage.',
      };
    case 'netAgainstInsects':
      return {
        do: 'Keep the plants under fine net or glass from before the first flower, with no brush and no bees.',
        cost: 'It costs a net.',
      };
    case 'alternateCages':
      return {
        do: `Cage it and ${names} on alternate days, so that insects visit one at a time.`,
        cost: 'It costs two cages and a walk every day.',
      };
    case 'borderRows':
      return {
        do: 'Grow more border rows of the same corn on that side, and take seed from the middle.',
        cost: 'It costs space and seed.',
      };
    case 'moveAway':
      return { do: `Grow it ${f.length(amount ?? 0)} away from ${names}.`, cost: 'It costs moving a bed.' };
    case 'growOnlyOne':
      return {
        do: `Grow only one of them this year: leave out ${names}.`,
        cost: 'The others give no harvest this year.',
      };
  }
}

/** `5 % (1 to 20 %)`, or `none`. */
export function sayShare({ share, low, high }: ShareRange, f: Format): string {
  if (high === 0) return 'none';
  const percent = (value: number): string => f.number(100 * value, value < 0.02 ? 1 : 0);
  return `${percent(share)} % (${percent(low)} to ${percent(high)} %)`;
}

/** A variety by its name; of one that was sown more than once with the day of the sowing. */
export const plantingName = ({ variety, planting, several, sowing }: PlannedVariety, f: Format): string =>
  planting === variety.variety || !several || !sowing
    ? variety.name
    : `${variety.name}, sown ${f.shortDay(sowing.day)}`;
