import type { CoverFinding } from '@/core/journal/kinds/roundBodies';
import type { CoverMethod } from '@/core/journal/kinds/walk';
import type { WindowReason } from '@/core/opening/openingWindow';
import type { RemedyReason } from '@/core/purity/remedies';
import type { PurityReason } from '@/core/purity/chain';
import type { Reason } from '@/core/text/reason';
import type { AirReason } from '@/core/opening/pollenTrouble';
import type { PairReason } from '@/core/pairing/pairFlowers';
import type { RouteReason } from '@/core/round/planRound';
import type { Format } from '../../format/format';
import { COVERS } from '../names';

export type MorningReason = WindowReason | AirReason | RemedyReason | PairReason | RouteReason | PurityReason;

type Params = Reason['params'];
type Say = (params: Params, f: Format) => string;

const hours = (params: Params, f: Format): string => {
  const h = Number(params['hours']);
  return h < 1 ? `${f.number(h * 60)} minutes` : `${f.number(h, 1)} h`;
};
const moved = (does: string, h: number, f: Format): string => {
  const minutes = Math.round(Math.abs(h) * 60);
  return minutes === 0
    ? ''
    : `${does} ${f.count(minutes, 'minute', 'minutes')} ${h < 0 ? 'sooner' : 'later'}`;
};
const fromSunrise = (value: number, f: Format): string =>
  value === 0 ? 'at sunrise' : `${f.number(Math.abs(value), 1)} h ${value < 0 ? 'before' : 'after'} sunrise`;
const cover = (params: Params): string => COVERS[params['method'] as CoverMethod].toLowerCase();

/** How a cover was found. */
const OFF: Readonly<Record<CoverFinding, string>> = {
  whole: 'taken off',
  loose: 'loose',
  torn: 'torn',
  off: 'off',
};

/** One sentence for every reason about a morning and its fruit; a code without a sentence does not compile. */
const SENTENCES: Readonly<Record<MorningReason, Say>> = {
  fromSunrise: (p, f) =>
    `First flowers open ${fromSunrise(Number(p['open']), f)} and shut from ${fromSunrise(Number(p['shut']), f)}.`,
  coldDawn: (p, f) =>
    `The dawn is below ${f.temperature(Number(p['floorC']))}, so flowers should open ${hours(p, f)} later.`,
  hotDay: (p, f) => `A day of ${f.temperature(Number(p['maxC']))} shuts them about ${hours(p, f)} sooner.`,
  ownHours: (p, f) => {
    const moves = [moved('open', Number(p['opensH']), f), moved('shut', Number(p['shutsH']), f)].filter(
      Boolean,
    );
    const noted = `What you noted on ${f.count(Number(p['days']), 'day', 'days')}`;
    return moves.length > 0
      ? `${noted} says that they ${moves.join(' and ')} than usual.`
      : `${noted} agrees.`;
  },
  coolDay: (p, f) =>
    `A cool day of ${f.temperature(Number(p['maxC']))} keeps them open about ${hours(p, f)} longer.`,
  'air.hotDayAndNight': (p, f) =>
    `Days above ${f.temperature(Number(p['maxC']))} with nights above ${f.temperature(Number(p['nightC']))}: hardly any flower sets.`,
  'air.hotDay': (p, f) => `Above ${f.temperature(Number(p['maxC']))} by day fewer flowers set.`,
  'air.hotNight': (p, f) =>
    `A night that stays above ${f.temperature(Number(p['nightC']))}: fewer flowers set.`,
  'air.coldNight': (p, f) => `A night below ${f.temperature(Number(p['nightC']))}: fewer flowers set.`,
  'air.dewPoint': (p, f) =>
    `The dew point stays at ${f.temperature(Number(p['dewC']))} or more: pollen hardly dries.`,
  'air.clumps': (p, f) =>
    `At ${f.percent(Number(p['percent']) / 100)} humidity pollen clumps: work later, when the air is drier.`,
  'air.damp': (p, f) =>
    `Humidity ${f.percent(Number(p['percent']) / 100)}: rather damp; ${p['low']} to ${p['high']} % is best.`,
  'air.good': (p, f) => `Humidity ${f.percent(Number(p['percent']) / 100)}: good for loose pollen.`,
  'air.dry': (p, f) =>
    `Humidity ${f.percent(Number(p['percent']) / 100)}: rather dry; ${p['low']} to ${p['high']} % is best.`,
  'air.sticksPoorly': (p, f) =>
    `At ${f.percent(Number(p['percent']) / 100)} humidity pollen sticks poorly: work earlier, before the air dries.`,
  fromSunset: (p, f) =>
    `They open about sunset (from ${f.number(Math.abs(Number(p['open'])))} h before it) and shut some ${f.number(Number(p['shut']))} h after the next sunrise.`,
  fromNoon: (p, f) =>
    `They open about noon by the sun (from ${f.number(Number(p['open']))} h after it) and shut some ${f.number(Number(p['shut']))} h after it.`,
  underGlass: ({ wind }) =>
    wind === 'wind'
      ? 'Under glass no wind carries it: it needs your hand.'
      : 'Under glass the weather outside moves nothing. Few insects come in, so fruit needs your hand; some do, so seed needs its cover all the same.',
  partlyUnderGlass: () =>
    'Some plants stand under glass: theirs open by the sun alone, and the earlier of both counts.',
  insectsDusk: () => 'Moths and other night insects fly from dusk.',
  doneByClock: (p, f) => `Growers aim to be done by ${f.hour(Number(p['hour']))} o’clock at the latest.`,
  doneByClockLater: (p, f) =>
    `Growers aim to be done by ${f.hour(Number(p['hour']))} o’clock; on a morning when they open this late it is later.`,
  longRain: () => 'Long rain shuts flowers and spoils pollen; covered flowers stay dry.',
  insectsLight: (p, f) =>
    `Insects fly from first light when it is ${f.temperature(Number(p['flyC']))} or more.`,
  insectsCold: (p, f) => `Most insects wait until it is about ${f.temperature(Number(p['flyC']))}.`,
  earlyBees: () => 'Some squash bees fly before sunrise: for seed only the cover counts, not the hour.',
  windCarries: () => 'Wind carries its pollen: for seed only the bags count, at any hour.',
  lightNights: () =>
    'Nights hardly get dark here: flowers follow the warmth, from the coolest time of the day on. These hours are a guess. Say when you see the first open, and they will follow.',
  noSunrise: (p) =>
    p['polar'] === 'night'
      ? 'The sun does not rise here on that day, so opening cannot be calculated from it.'
      : 'The sun does not set here on that day, so opening cannot be calculated from it. Watch the flowers.',

  otherPlants: (p, f) =>
    `Pollen of ${f.count(Number(p['count']), 'other plant', 'other plants')} of the variety.`,
  fatherPlants: (p, f) =>
    `A cross: pollen of ${f.count(Number(p['count']), 'plant', 'plants')} of the father’s variety.`,
  shared: (p, f) =>
    `${f.count(Number(p['count']), 'male serves', 'males serve')} more than one female, because males are short.`,
  ownPlantAllowed: () => 'Takes pollen of its own plant, which you allow.',
  unguarded: () => 'No male that was covered is left: fruit, but not for seed.',
  doubtfulType: () => 'The male is of a plant that may be off-type: fruit, but hardly for seed.',
  ownFlower: () => 'Gets its own pollen: none is carried.',
  ownPlantLastResort: () => 'Takes pollen of its own plant, because there is no other.',
  olderPollen: (p, f) => `${f.count(Number(p['count']), 'male', 'males')} of a day before, kept.`,
  fewerMales: (p) => `${p['got']} of the ${p['wanted']} males wanted.`,
  noPollen: () => 'No pollen that fits is left for this flower.',

  worthFirst: () => 'In the order that saves the most before the flowers shut, by the shortest way.',
  cleanBetween: (p, f) =>
    `Clean your hands and take a clean brush ${f.count(Number(p['count']), 'time', 'times')}, where the next variety could cross with the one before.`,
  picksFirst: () => 'Males are picked before the females that take them.',
  downwindLast: () =>
    'Where wind carries pollen, work fast, shield the silk, and leave the downwind side for last.',
  suspectsLast: () => 'Plants that look diseased come last: disease travels on hands.',
  late: (p, f) =>
    `${f.count(Number(p['count']), 'flower is', 'flowers are')} reached after the last safe hour.`,

  'seed.ownGuarded': () => 'Sown from your own seed, kept pure.',
  'seed.boughtLine': () => 'Sown from bought seed of a true line.',
  'seed.swapped': () => 'Sown from swapped seed: nobody noted how it was kept pure.',
  'seed.unknown': () => 'Nobody noted where the seed came from.',
  'seed.openGarden': () => 'Sown from seed saved where other varieties could cross.',
  'seed.father.swapped': () => 'A father was sown from swapped seed: nobody noted how it was kept pure.',
  'seed.father.unknown': () => 'Nobody noted where the seed of a father came from.',
  'seed.father.openGarden': () => 'A father was sown from seed saved where other varieties could cross.',
  'seed.father.f1': () => 'A father was sown from an F1 hybrid, whose seed does not come true.',
  'seed.f1Parent': () => 'A parent was sown from an F1 hybrid: the offspring of this cross will differ.',
  'seed.f1': () => 'Sown from an F1 hybrid: its seed does not come true.',
  'cover.none': () => 'It was not covered: insects may have been first.',
  'cover.late': (p) => `The ${cover(p)} went on after flowers had begun to open.`,
  'cover.offBefore': (p) => `The ${cover(p)} was off before any pollen came: insects may have been first.`,
  'cover.before': (p) => `Shut with ${cover(p)} before it opened.`,
  'cover.timeUnknown': (p) => `Shut with ${cover(p)}; opening cannot be calculated for that day.`,
  'pollination.notYet': () => 'Not pollinated yet.',
  'intact.shut': () => 'Found shut in the morning.',
  'intact.wilted': () => 'Found wilting.',
  'intact.hole': () => 'Had a hole: an insect has been in.',
  'intact.torn': () => 'Its cover was torn, with the petals still shut: an insect may have got in.',
  'intact.insect': () => 'An insect was in it.',
  'intact.open': () => 'It stood open.',
  'pollen.unnamed': () => 'Which males were used was not noted.',
  'pollen.anyMale': () =>
    'Which plant the pollen was from was noted, not which of its flowers: whether insects had been in it is not known.',
  'pollen.otherVariety': () => 'A male of another variety was used: a cross.',
  'pollen.spoiled': () => 'One of the males was noted as spoiled.',
  'pollen.uncovered': () => 'A male was not covered, so insects may have brought other pollen to it.',
  'pollen.coveredLate': () =>
    'A male was covered only after the flowers open, so insects may have been there before.',
  'pollen.cutLate': () =>
    'A male was cut only after the flowers open, so insects may have been there before.',
  'pollen.cutIndoors': () =>
    'Males were cut before they opened and stood in water indoors, where no insect comes.',
  'pollen.brushCarried': () =>
    'The brush came from another variety that crosses with it, and was not cleaned: part of the seed may have that father.',
  'pollen.visitedBefore': () =>
    'The male or the brush had been in a flower before that insects may have visited: part of the seed may have another father.',
  'pollen.brushNotNoted': () =>
    'The brush had been on another variety that crosses with it, and nobody noted that it was cleaned.',
  'pollen.otherMorning': () =>
    'A male was covered for another morning: its pollen may have been weak, and is none the less clean.',
  'pollen.ownFlower': () => 'Its own pollen, in its own bag.',
  'pollen.ownPlant': () => 'Males of its own plant: true to type, but inbred.',
  'pollen.ownInstead': () =>
    'A cross was meant, and all pollen came of its own variety: it is pure, and not the cross.',
  'pollen.cleanEmasculated': (p, f) =>
    `Its own anthers were out before it opened; it got covered flowers of ${f.count(Number(p['fathers']), 'plant', 'plants')}.`,
  'pollen.clean': (p, f) => `Covered males of ${f.count(Number(p['fathers']), 'plant', 'plants')}.`,
  'pollen.open': () => 'It set by itself: nobody can say whose pollen came.',
  'pollen.otherThanMeant': () => 'A male was used that is not of the variety meant to father it.',
  'pollen.otherPlantThanMeant': () => 'A male of a plant was used that the cross does not name.',
  'pollen.notEmasculated': () => 'Its own anthers were left in: part of the seed may be its own.',
  'pollen.emasculatedLate': () =>
    'Its anthers were taken out only after flowers had begun to open: part of the seed may be its own.',
  'pollen.controlsSet': (p, f) =>
    `Of ${f.count(Number(p['of']), 'covered flower', 'covered flowers')} left without pollen ${f.number(Number(p['set']))} set all the same: part of its seed may have that father too.`,
  'guard.cage': (p) => `It stood in the cage ${p['name']}, which was shut that day.`,
  'guard.cageOpen': (p) => `The cage ${p['name']} stood open to insects that day.`,
  'guard.cageInTurn': (p) =>
    `The cage ${p['name']} stood open that day, while all that crosses with it here was shut in.`,
  'guard.cageStocked': (p) =>
    `It stood in the cage ${p['name']}, which was shut, with insects of its own and nothing else in it that crosses.`,
  'guard.cageMixed': (p) =>
    `The insects put into the cage ${p['name']} went to another variety in it that crosses.`,
  'guard.cageMixedRarely': (p) =>
    `The insects put into the cage ${p['name']} went to something else in it that crosses, if rarely.`,
  'guard.cageCaught': (p) =>
    `The insects put into the cage ${p['name']} were caught outside, and may have brought pollen along.`,
  'guard.cageSetAlone': (p) =>
    `It set by itself in the cage ${p['name']}, into which nobody put insects: something had got in.`,
  'guard.cageLate': (p) => `The cage ${p['name']} was set up only that day.`,
  'guard.distance': () => 'All that could cross with it is far enough away, or flowers at another time.',
  'guard.notNoted': (p) => `Nobody noted whether ${p['name']}, which crosses with it, was in flower then.`,
  'guard.notLooked': (p, f) =>
    `Nobody has looked as far as ${f.length(Math.ceil(Number(p['metres'])))} for what crosses with it.`,
  'guard.rarely': () => 'What is near crosses with it only rarely.',
  'closed.offLater': (p) =>
    p['found'] === 'whole'
      ? 'The cover was taken off when it took no more pollen.'
      : 'The cover came off when it took no more pollen.',
  'closed.offTooEarly': (p, f) =>
    `The cover was ${OFF[p['found'] as CoverFinding]} on ${f.shortDay(String(p['day']))}, when it could still take pollen.`,
  'closed.offUnknown': (p) =>
    `The cover was found ${OFF[p['found'] as CoverFinding]}, and nobody knows since when.`,
  'closed.atOnce': () => 'Shut again at once.',
  'closed.openFor': (p, f) =>
    `It stood open for about ${f.count(Number(p['minutes']), 'minute', 'minutes')} before it was shut again, with insects about.`,
  'closed.beforeInsects': (p, f) =>
    `It stood open for about ${f.count(Number(p['minutes']), 'minute', 'minutes')}, before insects fly.`,
  'closed.leftOpen': () => 'Left open after brushing.',
  'tag.present': () => 'The tag was on it at harvest.',
  'tag.gone': () => 'The tag is gone: nobody can say which fruit this is.',
  'tag.hardToRead': () => 'The tag is hard to read: it may be that of another fruit.',
  'tag.shared': () => 'Another fruit carries the same tag.',
  'tag.swapped': () =>
    'Its tag was found on another fruit, and that one’s on it: nobody can be sure which is which.',
  'tag.swappedWithBad': () =>
    'Its tag was swapped with that of a fruit whose seed is not to be kept, and nobody can be sure which is which.',
  'tag.backAgain': () => 'The tag is there again, and nobody said why: it may be that of another fruit.',
  'tag.tiedAnew': () => 'The tag was gone, and it got another: it may be another fruit.',
  'tag.never': () => 'It was not tagged.',
  'tag.untilHarvest': () => 'Tagged; it must still hang there at harvest.',
  'plants.motherOffType': () => 'Her plant was pulled out as not true to the variety.',
  'plants.besideOffType': () =>
    'It stood open beside a plant of its variety that was not true, or not surely so.',
  'plants.fatherOffType': () => 'A plant that gave pollen was pulled out as not true to the variety.',
  'plants.motherInDoubt': () => 'It was noted in doubt whether its plant is true to the variety.',
  'plants.fatherInDoubt': () =>
    'Of a plant that gave pollen it was noted in doubt whether it is true to the variety.',
  'plants.notTypical': () => 'At harvest the plant did not look healthy and true to the variety.',
  'plants.typical': () => 'The plant looked healthy and true to the variety at harvest.',
  'remedy.trueSeed': () => 'Sow seed that was kept true: own seed from covered flowers, or a bought line.',
  'remedy.askSource': () => 'Ask whoever gave the seed how it was kept, and note it.',
  'remedy.coverEvening': () => 'Cover the bud the evening before it opens.',
  'remedy.tighterCover': () =>
    'Shut it more firmly, or put a bag over it, and take only flowers without a hole.',
  'remedy.widerTape': () => 'Use a wider, stronger tape, pressed gently, or a bag over it.',
  'remedy.cleanBrush': () => 'Take a clean brush at each change of variety, and note it at the stop.',
  'remedy.cutEvening': () => 'Cut males the evening before they open.',
  'remedy.weatherproofTag': () => 'Write on a weatherproof tag with a pencil or paint pen.',
  'remedy.fresher': () => 'Come earlier, while the flower is firm.',
  'remedy.noteMales': () => 'Note which males were used, at the stop.',
  'remedy.checkMale': () => 'Check the plant of each male before brushing.',
  'remedy.coverMales': () => 'Cover males the evening before as well, or cut them and keep them indoors.',
  'remedy.openLast': () =>
    'Pollinate flowers that were found open after all the others, with males of their own, and clean the brush after them.',
  'remedy.leaveSpoiled': () => 'Leave a male that has a hole or stood open.',
  'remedy.emasculateBud': () => 'Take out the anthers while the bud is still shut, the afternoon before.',
  'remedy.byHand': () => 'Pollinate by hand a flower that was covered.',
  'remedy.cageBefore': () => 'Set up the cage the day before the first flower opens.',
  'remedy.cageAlone': () => 'Put insects only into a cage in which nothing else stands that crosses.',
  'remedy.cleanInsects': () =>
    'Put in insects that hatched in it, or were kept from all flowers for some days.',
  'remedy.cageShut': () => 'Keep the cage shut, or cover the flower as well.',
  'remedy.shutAtOnce': () => 'Shut the flower again as soon as it is brushed.',
  'remedy.tag': () => 'Tag the stalk before you go on.',
  'remedy.ownTag': () => 'Give each fruit a tag of its own.',
  'remedy.tagLoosely': () =>
    'Tie the tag loosely round the stalk, with a loop that a thick stalk leaves room in.',
  'remedy.lookAround': () => 'Say how far you have looked for what crosses with it, and what you found.',
  'remedy.noteFlowering': () => 'Note when it began to flower, or that it was over.',
  'remedy.rogueEarly': () => 'Pull out plants that are not true before they flower.',
  'plants.untilHarvest': () => 'Whether the plant is healthy and true to the variety is asked at harvest.',
};

export const sayReason = ({ code, params }: Reason<MorningReason>, f: Format): string =>
  SENTENCES[code](params, f);

/** Every code, for the test that reads all sentences. */
export const MORNING_REASONS = Object.keys(SENTENCES) as readonly MorningReason[];
