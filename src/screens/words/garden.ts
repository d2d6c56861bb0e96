import type { BarrierSort, Ground, HowSure, Sowing, TraitName, VarietyTraits } from '@/core/journal/entry';
import type { Danger, IsolationVerdict } from '@/core/crossing/isolation';
import type { WayOut } from '@/core/crossing/waysOut';
import type { CropCaution } from '@/core/crops/crop';
import type { VarietyReport } from '@/core/plan/gardenPlan';
import type { Format } from '../format';

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

export const GROUNDS: Readonly<Record<Ground, string>> = {
  sheltered: 'Sheltered: hedges, houses, woods',
  mixed: 'Some of both',
  open: 'Open: plain or ridge, wind from afar',
};

export const HOW_SURE: Readonly<Record<HowSure, string>> = {
  seen: 'I have seen it',
  told: 'I was told',
  guessed: 'I guess',
};

export const SOWN: Readonly<Record<Sowing['how'], string>> = {
  sown: 'Sown in place',
  plantedOut: 'Planted out',
};

export const VERDICTS: Readonly<Record<IsolationVerdict, string>> = {
  tooNear: 'Will cross',
  watch: 'May cross, rarely',
  guarded: 'Guarded',
  alone: 'Alone',
  nothingAsked: 'To eat',
};

export const CROP_CAUTIONS: Readonly<Record<CropCaution, string>> = {
  bitterFruit: 'Fruit of a chance cross may be bitter and poison: spit it out, do not eat it.',
  poisonousBerries: 'Its berries are poisonous.',
  mosaicOnHands:
    'Viruses travel on hands, blades and ties: clean them between beds, and take no seed from mottled plants.',
  fruitBlotch: 'Fruit blotch travels with seed and wet leaves: do not work while leaves are wet.',
  hotJuice: 'Hot kinds burn skin and eyes: gloves when taking seed.',
  bladesAndStaples: 'Mind blades and staples, and edges of leaves.',
};

/** The questions that some crops ask of each variety, with their answers. */
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
      { value: 'perfect', title: 'Perfect: stamens and the fruitlet in one', trait: 'perfect' },
      { value: 'female', title: 'Female only', trait: 'female' },
    ],
  },
  setsAlone: {
    ask: 'Does it set fruit without pollen?',
    answers: [
      { value: 'no', title: 'No', trait: false },
      { value: 'yes', title: 'Yes', trait: true },
    ],
  },
  allFemale: {
    ask: 'Are all its flowers female?',
    answers: [
      { value: 'no', title: 'No, males too', trait: false },
      { value: 'yes', title: 'Yes, all or nearly all', trait: true },
    ],
  },
  seedless: {
    ask: 'Is its fruit seedless?',
    answers: [
      { value: 'no', title: 'No', trait: false },
      { value: 'yes', title: 'Yes', trait: true },
    ],
  },
  style: {
    ask: 'Where does the style end?',
    answers: [
      { value: 'inset', title: 'Inside the cone of stamens', trait: 'inset' },
      { value: 'out', title: 'It stands out (also potato-leaved and currant types)', trait: 'out' },
    ],
  },
  kernel: {
    ask: 'What kind of corn?',
    answers: [
      { value: 'sweet', title: 'Sweet', trait: 'sweet' },
      { value: 'supersweet', title: 'Supersweet', trait: 'supersweet' },
      { value: 'pop', title: 'Pop', trait: 'pop' },
      { value: 'starchy', title: 'Flint, dent or flour', trait: 'starchy' },
    ],
  },
};

/** Names by id, of varieties and of what lies outside. */
export type NameOf = (id: string) => string;

const listed = (names: readonly string[]): string =>
  names.length <= 1 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;

/** One sentence: is the variety safe, and if not, from whom. */
export function verdictSentence(
  { isolation, variety, places, needs }: VarietyReport,
  name: NameOf,
  f: Format,
): string {
  const { verdict, dangers, wanted } = isolation;
  const worst = dangers[0];
  if (places.length === 0) return 'No plant of it is on the plan yet.';
  if (needs.some(({ code }) => code === 'keepUnpollinated')) {
    return 'Sets without pollen, and pollen spoils its fruit: keep bees and brushes away.';
  }
  if (verdict === 'nothingAsked') return 'Grown to eat: its fruit stays as it is, whatever pollen comes.';
  if (verdict === 'alone' || !worst) {
    return variety.purpose === 'eat' ? 'Nothing near spoils it.' : 'Nothing near can cross with it.';
  }
  if (verdict === 'guarded') {
    return worst.guarded === 'byTime'
      ? `Guarded by time: ${name(worst.id)} flowers ${f.count(worst.daysApart ?? 0, 'day', 'days')} apart.`
      : `Guarded by distance: ${name(worst.id)} is ${f.length(worst.metres)} away, ${f.length(worst.wanted)} are asked.`;
  }
  if (verdict === 'watch') {
    return `${name(worst.id)} is ${f.length(worst.metres)} away and crosses with it, though rarely.`;
  }
  const open = dangers.filter((each) => each.guarded === 'no' && each.crossing.how === 'freely');
  const more = open.length > 1 ? `, and ${f.count(open.length - 1, 'other', 'others')} near` : '';
  const spoils = variety.purpose === 'eat' && worst.crossing.thisYear === 'spoils';
  return `${name(worst.id)} is ${f.length(worst.metres)} away${more}, and ${
    spoils ? 'spoils its kernels this year' : 'crosses freely'
  }: ${f.length(wanted)} are asked.`;
}

/** What stands between, how far, and when: one line under the name of a danger. */
export function dangerNote(danger: Danger, f: Format): string {
  const parts = [
    `${f.length(danger.metres)} away, ${f.length(danger.wanted)} asked`,
    danger.behind.length > 0 ? `behind ${listed(danger.behind.map((sort) => BEHIND[sort]))}` : '',
    danger.daysApart === undefined
      ? 'when it flowers is not known'
      : danger.daysApart === 0
        ? 'flowers at the same time'
        : `flowers ${f.count(danger.daysApart, 'day', 'days')} apart`,
    danger.sure === 'told' ? 'as you were told' : danger.sure === 'guessed' ? 'as you guess' : '',
    danger.guarded === 'byDistance' ? 'far enough' : danger.guarded === 'byTime' ? 'far enough in time' : '',
  ];
  return `${parts.filter(Boolean).join('; ')}.`;
}

/** A way out as something one can do. */
export function wayInWords(
  { way, about, amount }: WayOut,
  name: NameOf,
  f: Format,
): { do: string; cost: string } {
  const whom = listed(about.map(name));
  switch (way) {
    case 'askNeighbour':
      return {
        do: `Ask what grows there, and when it flowers: ${whom}.`,
        cost: 'Costs a word over the fence.',
      };
    case 'stagger':
      return {
        do: `Sow so that ${f.count(amount ?? 0, 'day', 'days')} lie between the last pollen of one and the first silk of the other: ${whom}. The calendar reckons when.`,
        cost: 'Costs waiting, and a season long enough.',
      };
    case 'coverAndHand':
      return {
        do: 'Cover flowers the evening before and pollinate by hand in the morning.',
        cost: 'Costs work on as many mornings as fruits are wanted.',
      };
    case 'bagFlowers':
      return {
        do: 'Bag trusses before they open; shake them daily; tag what set inside.',
        cost: 'Costs bags and a shake a day.',
      };
    case 'cage':
      return {
        do: 'Cage the plants with fine net before the first flower, and put insects in or pollinate by hand.',
        cost: 'Costs building a cage.',
      };
    case 'alternateCages':
      return {
        do: `Cage it and ${whom} on alternate days, so that insects visit one at a time.`,
        cost: 'Costs two cages and a walk every day.',
      };
    case 'borderRows':
      return {
        do: 'Grow more border rows of the same corn on that side, and take seed from the middle.',
        cost: 'Costs room and seed.',
      };
    case 'moveAway':
      return { do: `Grow it ${f.length(amount ?? 0)} away from ${whom}.`, cost: 'Costs moving a bed.' };
    case 'leaveOut':
      return { do: `Grow one of them this year: leave out ${whom}.`, cost: 'Costs a harvest.' };
  }
}

/** `5 % (1 to 20 %)`, with a word for what is next to nothing. */
export function shareInWords(
  { share, low, high }: { share: number; low: number; high: number },
  f: Format,
): string {
  if (high === 0) return 'none';
  const percent = (value: number): string => f.number(100 * value, value < 0.02 ? 1 : 0);
  return `${percent(share)} % (${percent(low)} to ${percent(high)} %)`;
}
