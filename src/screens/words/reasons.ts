import type { Reason } from '@/core/reason';
import type { Format } from '../format';
import { COVERS } from './names';

type Say = (params: Reason['params'], f: Format) => string;

const hours = (params: Reason['params'], f: Format): string => {
  const h = Number(params['hours']);
  return h < 1 ? `${f.number(h * 60)} minutes` : `${f.number(h, 1)} h`;
};
const fromSunrise = (value: number, f: Format): string =>
  value === 0 ? 'at sunrise' : `${f.number(Math.abs(value), 1)} h ${value < 0 ? 'before' : 'after'} sunrise`;
const cover = (params: Reason['params']): string =>
  COVERS[params['method'] as keyof typeof COVERS].toLowerCase();

/** One sentence for every reason that the core gives. */
const SENTENCES: Readonly<Record<string, Say>> = {
  fromSunrise: (p, f) =>
    `First flowers open ${fromSunrise(Number(p['open']), f)} and shut from ${fromSunrise(Number(p['shut']), f)}.`,
  coldDawn: (p, f) =>
    `The dawn is below ${f.temperature(Number(p['floorC']))}: opening is reckoned ${hours(p, f)} later.`,
  hotDay: (p, f) => `A day of ${f.temperature(Number(p['maxC']))} shuts them about ${hours(p, f)} sooner.`,
  coolDay: (p, f) =>
    `A cool day, ${f.temperature(Number(p['maxC']))}, keeps them open about ${hours(p, f)} longer.`,
  doneByClock: (p, f) => `Growers want to be done by ${f.hour(Number(p['hour']))} o’clock at the latest.`,
  longRain: () => 'Long rain shuts flowers and spoils pollen; what is covered keeps dry.',
  insectsLight: (p, f) =>
    `Insects are about from first light when it is ${f.temperature(Number(p['flyC']))} or more.`,
  insectsCold: (p, f) => `Most insects wait until it is about ${f.temperature(Number(p['flyC']))}.`,
  earlyBees: () => 'Some squash bees fly before sunrise: for seed only the cover counts, not the hour.',
  noSunrise: (p) =>
    p['polar'] === 'night'
      ? 'The sun does not rise here on that day, so opening cannot be reckoned from it.'
      : 'The sun does not set here on that day, so opening cannot be reckoned from it. Watch the flowers.',

  otherPlants: (p, f) =>
    `Pollen of ${f.count(Number(p['count']), 'other plant', 'other plants')} of the variety.`,
  shared: (p, f) =>
    `${f.count(Number(p['count']), 'male serves', 'males serve')} more than one female, since males are short.`,
  ownPlantAllowed: () => 'Takes pollen of her own plant, which you allow.',
  ownPlantNothingElse: () => 'Takes pollen of her own plant, since there is no other.',
  fewer: (p) => `${p['got']} of the ${p['wanted']} males wanted.`,
  none: () => 'There is no pollen for her.',

  byVariety: (p, f) =>
    Number(p['count']) > 1
      ? `${f.number(Number(p['count']))} varieties in turn, so that one pollen is about at a time. Clean hands and a clean brush between them.`
      : 'One variety.',
  picksFirst: () => 'Of each variety the males are picked first, then its females are brushed.',
  late: (p, f) =>
    `${f.count(Number(p['count']), 'flower is', 'flowers are')} reached after the last safe hour.`,

  'seed.ownGuarded': () => 'Sown from your own guarded seed.',
  'seed.boughtLine': () => 'Sown from bought seed of a true line.',
  'seed.swapped': () => 'Sown from swapped seed: nobody noted how it was kept pure.',
  'seed.unknown': () => 'Nobody noted where the seed came from.',
  'seed.openGarden': () => 'Sown from seed saved where other varieties could cross.',
  'seed.f1': () => 'Sown from an F1 hybrid: its seed does not come true.',
  'cover.none': () => 'It was not covered: insects may have been first.',
  'cover.late': (p) => `The ${cover(p)} went on after flowers had begun to open.`,
  'cover.before': (p) => `Shut with ${cover(p)} before it opened.`,
  'cover.timeUnknown': (p) => `Shut with ${cover(p)}; opening cannot be reckoned for that day.`,
  'pollination.notYet': () => 'Not pollinated yet.',
  'intact.shut': () => 'Found shut in the morning.',
  'intact.wilted': () => 'Found wilting.',
  'intact.hole': () => 'Had a hole: an insect has been in.',
  'intact.insect': () => 'An insect was in it.',
  'intact.open': () => 'It stood open.',
  'males.unnamed': () => 'Which males were used was not noted.',
  'males.otherVariety': () => 'A male of another variety was used: a cross.',
  'males.spoiled': () => 'One of the males was noted as spoiled.',
  'males.uncovered': () => 'A male was not covered, so insects may have brought other pollen to it.',
  'males.ownPlant': () => 'Males of her own plant: true, but inbred.',
  'males.clean': (p, f) => `Covered males of ${f.count(Number(p['fathers']), 'plant', 'plants')}.`,
  'shut.atOnce': () => 'Shut again at once.',
  'shut.leftOpen': () => 'Left open after brushing.',
  'tag.there': () => 'The tag was on it at harvest.',
  'tag.gone': () => 'The tag is gone: nobody can say which fruit this is.',
  'tag.never': () => 'It was not tagged.',
  'tag.untilHarvest': () => 'Tagged; it must still hang there at harvest.',
};

export function sayReason({ code, params }: Reason, f: Format): string {
  return SENTENCES[code]?.(params, f) ?? code;
}

/** Every code that has a sentence, so that a test can hold it against the core's. */
export const WORDED_REASONS: readonly string[] = Object.keys(SENTENCES);
