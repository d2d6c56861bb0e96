import type { CropFacts, Figure, Span } from '../crops/crop';

/** The figures of a crop that a grower may want to look up, in the order of the season. */
const FIGURE_CODES = [
  'base',
  'cap',
  'toFlower',
  'bearingAfterMales',
  'floweringDays',
  'opens',
  'shuts',
  'doneByClock',
  'floor',
  'receptive',
  'malesPerFemale',
  'malesForFruit',
  'malesForSeed',
  'routineEvery',
  'routineTakes',
  'routineBest',
  'routineForDays',
  'hotDay',
  'hotNight',
  'coldNight',
  'dewPointSign',
  'humidityBest',
  'humidityClumpsFrom',
  'humiditySticksPoorlyBelow',
  'setPrior',
  'looksEarly',
  'looksSet',
  'looksKept',
  'eatAfter',
  'seedAfter',
  'seedFruits',
  'outcrossing',
  'distanceCasual',
  'distanceSaving',
  'distanceRare',
  'timeApart',
  'mothersAny',
  'mothersKeep',
  'mothersConserve',
] as const;
export type FigureCode = (typeof FIGURE_CODES)[number];

export interface GuideFigure {
  readonly code: FigureCode;
  /** A single value is a span without width. */
  readonly figure: Figure<Span>;
}

type Known = Figure | Figure<Span> | undefined;

const isSpan = (figure: Figure | Figure<Span>): figure is Figure<Span> => Array.isArray(figure.value);

const asSpan = (figure: Figure | Figure<Span>): Figure<Span> =>
  isSpan(figure) ? figure : { ...figure, value: [figure.value, figure.value] };

/** What one crop's facts say to each of the codes. */
function knownFigures(crop: CropFacts): Readonly<Record<FigureCode, Known>> {
  const { hours, routine, weather, looks, distances, mothers, development, malesWanted } = crop;
  // Where flowers pollinate themselves, or one tassel serves one ear, males are not counted out.
  const countsMales = crop.methods[0] === 'maleFlower';
  return {
    base: development.base,
    cap: development.cap,
    toFlower: development.toFlower,
    bearingAfterMales: crop.bearingAfterMales,
    floweringDays: development.floweringDays,
    opens: hours?.opens,
    shuts: hours?.shuts,
    doneByClock: hours?.doneByClock,
    floor: crop.floor,
    receptive: crop.receptive,
    malesPerFemale: crop.malesPerFemale,
    malesForFruit: countsMales ? malesWanted.fruit : undefined,
    malesForSeed: countsMales ? malesWanted.seed : undefined,
    routineEvery: routine?.every,
    routineTakes: routine?.takes,
    routineBest: routine?.best,
    routineForDays: routine?.forDays,
    hotDay: weather?.heat?.day,
    hotNight: weather?.heat?.night,
    coldNight: weather?.coldNight,
    dewPointSign: weather?.dewPointSign,
    humidityBest: weather?.humidity?.best,
    humidityClumpsFrom: weather?.humidity?.clumpsFrom,
    humiditySticksPoorlyBelow: weather?.humidity?.sticksPoorlyBelow,
    setPrior: crop.setPrior,
    looksEarly: crop.setPrior && looks.early,
    looksSet: crop.setPrior && looks.set,
    looksKept: crop.setPrior && looks.kept,
    eatAfter: crop.eatAfter,
    seedAfter: crop.seedAfter,
    seedFruits: crop.seedFruits,
    outcrossing: crop.outcrossing,
    distanceCasual: distances.casual,
    distanceSaving: distances.saving,
    distanceRare: distances.rare,
    timeApart: crop.timeApart,
    mothersAny: mothers.any,
    mothersKeep: mothers.keep,
    mothersConserve: mothers.conserve,
  };
}

/**
 * All figures that are known of a crop, each with its unit and its standing.
 *
 * @example guideFigures(cropOf('pepo')).find(({ code }) => code === 'setPrior')?.figure.value // [0.65, 0.65]
 */
export function guideFigures(crop: CropFacts): GuideFigure[] {
  const known = knownFigures(crop);
  return FIGURE_CODES.flatMap((code) => {
    const figure = known[code];
    return figure ? [{ code, figure: asSpan(figure) }] : [];
  });
}
