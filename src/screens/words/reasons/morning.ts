import type { CoverMethod } from '@/core/journal/kinds/scout';
import type { WindowReason } from '@/core/opening/openingWindow';
import type { PurityReason } from '@/core/purity/fruitPurity';
import type { Reason } from '@/core/text/reason';
import type { PairReason } from '@/core/work/pairing/pairFlowers';
import type { RouteReason } from '@/core/work/route/planRound';
import type { Format } from '../../format/format';
import { COVERS } from '../names';

export type MorningReason = WindowReason | PairReason | RouteReason | PurityReason;

type Params = Reason['params'];
type Say = (params: Params, f: Format) => string;

const hours = (params: Params, f: Format): string => {
  const h = Number(params['hours']);
  return h < 1 ? `${f.number(h * 60)} minutes` : `${f.number(h, 1)} h`;
};
const fromSunrise = (value: number, f: Format): string =>
  value === 0 ? 'at sunrise' : `${f.number(Math.abs(value), 1)} h ${value < 0 ? 'before' : 'after'} sunrise`;
const cover = (params: Params): string => COVERS[params['method'] as CoverMethod].toLowerCase();

/** One sentence for every reason about a morning and its fruit; a code without a sentence does not compile. */
const SENTENCES: Readonly<Record<MorningReason, Say>> = {
  fromSunrise: (p, f) =>
    `First flowers open ${fromSunrise(Number(p['open']), f)} and shut from ${fromSunrise(Number(p['shut']), f)}.`,
  coldDawn: (p, f) =>
    `The dawn is below ${f.temperature(Number(p['floorC']))}, so flowers should open ${hours(p, f)} later.`,
  hotDay: (p, f) => `A day of ${f.temperature(Number(p['maxC']))} shuts them about ${hours(p, f)} sooner.`,
  coolDay: (p, f) =>
    `A cool day of ${f.temperature(Number(p['maxC']))} keeps them open about ${hours(p, f)} longer.`,
  fromSunset: (p, f) =>
    `They open about sunset (from ${f.number(Math.abs(Number(p['open'])))} h before it) and shut some ${f.number(Number(p['shut']))} h after the next sunrise.`,
  fromNoon: (p, f) =>
    `They open about noon by the sun (from ${f.number(Number(p['open']))} h after it) and shut some ${f.number(Number(p['shut']))} h after it.`,
  insectsDusk: () => 'Moths and other night insects fly from dusk.',
  doneByClock: (p, f) => `Growers aim to be done by ${f.hour(Number(p['hour']))} o’clock at the latest.`,
  doneByClockLater: (p, f) =>
    `Growers aim to be done by ${f.hour(Number(p['hour']))} o’clock; on a morning when they open this late it is later.`,
  longRain: () => 'Long rain shuts flowers and spoils pollen; covered flowers stay dry.',
  insectsLight: (p, f) =>
    `Insects fly from first light when it is ${f.temperature(Number(p['flyC']))} or more.`,
  insectsCold: (p, f) => `Most insects wait until it is about ${f.temperature(Number(p['flyC']))}.`,
  earlyBees: () => 'Some squash bees fly before sunrise: for seed only the cover counts, not the hour.',
  noSunrise: (p) =>
    p['polar'] === 'night'
      ? 'The sun does not rise here on that day, so opening cannot be calculated from it.'
      : 'The sun does not set here on that day, so opening cannot be calculated from it. Watch the flowers.',

  otherPlants: (p, f) =>
    `Pollen of ${f.count(Number(p['count']), 'other plant', 'other plants')} of the variety.`,
  shared: (p, f) =>
    `${f.count(Number(p['count']), 'male serves', 'males serve')} more than one female, because males are short.`,
  ownPlantAllowed: () => 'Takes pollen of her own plant, which you allow.',
  unguarded: () => 'No male that was covered is left: fruit, but not for seed.',
  ownPlantLastResort: () => 'Takes pollen of her own plant, because there is no other.',
  fewerMales: (p) => `${p['got']} of the ${p['wanted']} males wanted.`,
  noPollen: () => 'There is no pollen for her.',

  byVariety: (p, f) =>
    Number(p['count']) > 1
      ? `${f.number(Number(p['count']))} varieties one after another, so that you carry one pollen at a time. Clean hands and a clean brush between them.`
      : 'One variety.',
  picksFirst: () => 'For each variety, first pick the males, then brush the females.',
  late: (p, f) =>
    `${f.count(Number(p['count']), 'flower is', 'flowers are')} reached after the last safe hour.`,

  'seed.ownGuarded': () => 'Sown from your own seed, kept pure.',
  'seed.boughtLine': () => 'Sown from bought seed of a true line.',
  'seed.swapped': () => 'Sown from swapped seed: nobody noted how it was kept pure.',
  'seed.unknown': () => 'Nobody noted where the seed came from.',
  'seed.openGarden': () => 'Sown from seed saved where other varieties could cross.',
  'seed.f1': () => 'Sown from an F1 hybrid: its seed does not come true.',
  'cover.none': () => 'It was not covered: insects may have been first.',
  'cover.late': (p) => `The ${cover(p)} went on after flowers had begun to open.`,
  'cover.before': (p) => `Shut with ${cover(p)} before it opened.`,
  'cover.timeUnknown': (p) => `Shut with ${cover(p)}; opening cannot be calculated for that day.`,
  'pollination.notYet': () => 'Not pollinated yet.',
  'intact.shut': () => 'Found shut in the morning.',
  'intact.wilted': () => 'Found wilting.',
  'intact.hole': () => 'Had a hole: an insect has been in.',
  'intact.insect': () => 'An insect was in it.',
  'intact.open': () => 'It stood open.',
  'pollen.unnamed': () => 'Which males were used was not noted.',
  'pollen.otherVariety': () => 'A male of another variety was used: a cross.',
  'pollen.spoiled': () => 'One of the males was noted as spoiled.',
  'pollen.uncovered': () => 'A male was not covered, so insects may have brought other pollen to it.',
  'pollen.coveredLate': () =>
    'A male was covered only after the flowers open, so insects may have been there before.',
  'pollen.otherMorning': () => 'A male was meant for another morning: nobody can say how it was kept.',
  'pollen.ownPlant': () => 'Males of her own plant: true to type, but inbred.',
  'pollen.clean': (p, f) => `Covered males of ${f.count(Number(p['fathers']), 'plant', 'plants')}.`,
  'pollen.open': () => 'It set by itself: nobody can say whose pollen came.',
  'pollen.otherThanMeant': () => 'A male was used that is not of the variety meant to father it.',
  'pollen.notEmasculated': () => 'Its own anthers were left in: part of the seed may be its own.',
  'pollen.emasculatedLate': () =>
    'Its anthers were taken out only after flowers had begun to open: part of the seed may be its own.',
  'guard.cage': (p) => `It stood in the cage ${p['name']}, which was shut that day.`,
  'guard.cageOpen': (p) => `The cage ${p['name']} stood open to insects that day.`,
  'guard.cageInTurn': (p) =>
    `The cage ${p['name']} stood open that day, while all that crosses with it here was shut in.`,
  'guard.cageLate': (p) => `The cage ${p['name']} was set up only that day.`,
  'guard.distance': () => 'All that could cross with it is far enough away, or flowers at another time.',
  'guard.rarely': () => 'What is near crosses with it only rarely.',
  'closed.atOnce': () => 'Shut again at once.',
  'closed.leftOpen': () => 'Left open after brushing.',
  'tag.present': () => 'The tag was on it at harvest.',
  'tag.gone': () => 'The tag is gone: nobody can say which fruit this is.',
  'tag.never': () => 'It was not tagged.',
  'tag.untilHarvest': () => 'Tagged; it must still hang there at harvest.',
  'plants.motherOffType': () => 'Her plant was pulled out as not true to the variety.',
  'plants.fatherOffType': () => 'A plant that gave pollen was pulled out as not true to the variety.',
  'plants.notTypical': () => 'At harvest the plant did not look healthy and true to the variety.',
  'plants.typical': () => 'The plant looked healthy and true to the variety at harvest.',
  'plants.untilHarvest': () => 'Whether the plant is healthy and true to the variety is asked at harvest.',
};

export const sayReason = ({ code, params }: Reason<MorningReason>, f: Format): string =>
  SENTENCES[code](params, f);

/** Every code, for the test that reads all sentences. */
export const MORNING_REASONS = Object.keys(SENTENCES) as readonly MorningReason[];
