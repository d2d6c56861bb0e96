import { carryingMethodsFor, type Crop } from '../crops/catalogue';
import type { CropCover, Method } from '../crops/crop';

/** What growers do in different ways. */
const SCHOOL_QUESTIONS = [
  'tool',
  'crossing',
  'males',
  'ownPlant',
  'cover',
  'hour',
  'fadedMale',
  'lateFemale',
  'again',
  'judging',
  'brush',
] as const;
export type SchoolQuestion = (typeof SCHOOL_QUESTIONS)[number];

/** What some do. Common practice, no source. */
export type Way =
  | Method
  | 'oneMale'
  | 'twoMales'
  | 'fourMales'
  | 'allMales'
  | 'oneTassel'
  | 'sharedTassel'
  | 'ownPollenFine'
  | 'ownPollenAvoided'
  | 'noCover'
  | 'tiedAfter'
  | 'taped'
  | 'baggedThroughout'
  | 'firstLight'
  | 'inTheMorning'
  | 'anyTimeOpen'
  | 'fadedUsed'
  | 'fadedLeft'
  | 'lateTried'
  | 'lateLeft'
  | 'once'
  | 'sameMorning'
  | 'nextDay'
  | 'petalsGone'
  | 'growthSeen'
  | 'lobesBrown'
  | 'aWeek'
  | 'manyVisits'
  | 'neverWashed'
  | 'brushPerCrop'
  | 'cleanAtEach';

/** What is done here unless the grower chooses otherwise, with what its sentence needs. */
export type OurWay =
  | { readonly code: 'method'; readonly method: Method }
  | { readonly code: 'malesOfOthers'; readonly fruit: number; readonly seed: number }
  | { readonly code: 'oneTasselEach' }
  | { readonly code: 'othersForSeed' }
  | { readonly code: 'coverForSeed'; readonly cover: CropCover }
  | { readonly code: 'byTheHours' }
  | { readonly code: 'fadedForFruit' }
  | { readonly code: 'lateMarked' }
  | { readonly code: 'againSameDay'; readonly hours: number }
  | { readonly code: 'againNextDay'; readonly days: number }
  | { readonly code: 'onceOnly' }
  | { readonly code: 'onceOrNextDay' }
  | { readonly code: 'threeLooks' }
  | { readonly code: 'cleanBrush' };

export interface School {
  readonly question: SchoolQuestion;
  readonly ways: readonly Way[];
  readonly ours: OurWay;
}

/** Tools that some use in place of the male flower itself, besides the crop's own. */
const TOOLS_INSTEAD: readonly Method[] = ['maleFlower', 'brush', 'swab'];
/** A way of a cross, not of bringing pollen to a flower as it is. */
const isTool = (method: Method): boolean => method !== 'emasculate';

/**
 * Where growers of a crop disagree, what they do, and what is done here by default, as it follows from the crop's facts.
 *
 * @example schoolsOf(cropOf('lettuce')) // []: nobody pollinates it by hand
 */
export function schoolsOf(crop: Crop): School[] {
  const questions: Readonly<Record<SchoolQuestion, Omit<School, 'question'> | undefined>> = {
    tool: toolOf(crop),
    crossing: crossingOf(crop),
    males: malesOf(crop),
    ownPlant: handedOver(crop)
      ? { ways: ['ownPollenFine', 'ownPollenAvoided'], ours: { code: 'othersForSeed' } }
      : undefined,
    cover: coverOf(crop),
    hour:
      handedOver(crop) && crop.parts === undefined && crop.hours?.from === 'sunrise'
        ? { ways: ['firstLight', 'inTheMorning', 'anyTimeOpen'], ours: { code: 'byTheHours' } }
        : undefined,
    fadedMale: usesMaleFlowers(crop)
      ? { ways: ['fadedUsed', 'fadedLeft'], ours: { code: 'fadedForFruit' } }
      : undefined,
    lateFemale: usesMaleFlowers(crop)
      ? { ways: ['lateTried', 'lateLeft'], ours: { code: 'lateMarked' } }
      : undefined,
    again: againOf(crop),
    judging: usesMaleFlowers(crop)
      ? { ways: ['petalsGone', 'growthSeen', 'lobesBrown', 'aWeek'], ours: { code: 'threeLooks' } }
      : undefined,
    brush: toolOf(crop)?.ways.some((way) => way === 'brush' || way === 'swab')
      ? { ways: ['neverWashed', 'brushPerCrop', 'cleanAtEach'], ours: { code: 'cleanBrush' } }
      : undefined,
  };
  return SCHOOL_QUESTIONS.flatMap((question) => {
    const school = questions[question];
    return school ? [{ question, ...school }] : [];
  });
}

const usesMaleFlowers = ({ methods }: Crop): boolean => methods[0] === 'maleFlower';
/** Is pollen carried from flowers of one sex to those of the other? */
const handedOver = ({ habit, protocols }: Crop): boolean =>
  habit !== 'perfect' && (protocols.fruit ?? protocols.seed) !== undefined;

function toolOf(crop: Crop): Omit<School, 'question'> | undefined {
  const own = crop.methods.filter(isTool);
  const ways = usesMaleFlowers(crop) ? [...new Set([...own, ...TOOLS_INSTEAD])] : own;
  return ways.length > 1 ? { ways, ours: { code: 'method', method: ways[0]! } } : undefined;
}

/** Of perfect flowers whose anthers were taken out. */
function crossingOf(crop: Crop): Omit<School, 'question'> | undefined {
  if (!crop.protocols.cross || crop.habit !== 'perfect') return undefined;
  const ways = carryingMethodsFor(crop).filter((way) => way !== 'swab');
  return { ways: [...ways, 'manyVisits'], ours: { code: 'method', method: ways[0]! } };
}

function malesOf(crop: Crop): Omit<School, 'question'> | undefined {
  if (usesMaleFlowers(crop)) {
    const { fruit, seed } = crop.malesWanted;
    return {
      ways: ['oneMale', 'twoMales', 'fourMales', 'allMales'],
      ours: { code: 'malesOfOthers', fruit: fruit.value, seed: seed.value },
    };
  }
  return crop.parts?.male === 'tassel'
    ? { ways: ['oneTassel', 'sharedTassel'], ours: { code: 'oneTasselEach' } }
    : undefined;
}

function coverOf({ protocols, covers, parts }: Crop): Omit<School, 'question'> | undefined {
  const [first] = covers;
  if (!protocols.seed?.cover || parts !== undefined || first === undefined) return undefined;
  return {
    ways: ['noCover', 'tiedAfter', 'taped', 'baggedThroughout'],
    ours: { code: 'coverForSeed', cover: first },
  };
}

function againOf({ protocols, receptive, routine, habit }: Crop): Omit<School, 'question'> | undefined {
  if (routine && habit === 'perfect') {
    return { ways: ['once', 'nextDay'], ours: { code: 'againNextDay', days: routine.every.value[0] } };
  }
  const pollinate = (protocols.fruit ?? protocols.seed)?.pollinate;
  if (!pollinate || !receptive) return undefined;
  const ways = ['once', 'sameMorning', 'nextDay'] as const;
  const { times, apart } = pollinate;
  if (apart.unit === 'h')
    return {
      ways,
      ours: times.value > 1 ? { code: 'againSameDay', hours: apart.value } : { code: 'onceOnly' },
    };
  return {
    ways,
    ours: times.value > 1 ? { code: 'againNextDay', days: apart.value } : { code: 'onceOrNextDay' },
  };
}
