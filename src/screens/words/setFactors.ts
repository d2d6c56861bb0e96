import type { BetterSet, Evidence, NotTold, SetEffect, Side } from '@/core/analysis/betterSet';
import { LAST_LEVEL, type SetGrouping } from '@/core/analysis/setByFactor';
import type { SetFactor } from '@/core/analysis/setTrials';
import type { PollinationMethod } from '@/core/crops/crop';
import type { Format } from '../format/format';
import { METHODS } from './names';

/** What a plant, a variety or a device is called. */
export type NameOfLevel = (id: string) => string;

/** By what set is shown. */
export const GROUPING_NAMES: Readonly<Record<SetGrouping, string>> = {
  plant: 'Plant',
  variety: 'Variety',
  hour: 'Hour',
  males: 'Males',
  ownPlant: 'Whose pollen',
  again: 'Once or twice',
  late: 'In time or late',
  load: 'Fruit on the plant',
  cover: 'Covered or not',
  rain: 'Rain',
  method: 'Tool',
  device: 'Phone',
};

const EITHER: Readonly<Partial<Record<SetGrouping, readonly [string, string]>>> = {
  ownPlant: ['Pollen of another plant', 'Its own plant’s pollen'],
  again: ['Pollen once', 'Pollen twice'],
  late: ['In time', 'Closing, or with a faded male'],
  cover: ['Not covered', 'Covered'],
  rain: ['No rain that day', 'Rain that day'],
};

type Counted = Exclude<keyof typeof LAST_LEVEL, 'hour'>;

const COUNTED: Readonly<Record<Counted, readonly [string, string]>> = {
  males: ['male', 'males'],
  load: ['fruit growing', 'fruits growing'],
};

const sayCount = (by: Counted, count: number, f: Format): string =>
  count === 0 ? `No ${COUNTED[by][0]}` : f.count(count, ...COUNTED[by]);

const HOURS = ['First hour', '1 to 2 h', '2 to 3 h', '3 to 4 h', 'Later than 4 h'];

/**
 * A group of flowers in words.
 *
 * @example sayLevel('males', 3, f, nameOf) // '3 or more males'
 */
export function sayLevel(by: SetGrouping, level: number | string, f: Format, nameOf: NameOfLevel): string {
  if (typeof level === 'string') return by === 'method' ? METHODS[level as PollinationMethod] : nameOf(level);
  if (by === 'hour') return HOURS[level] ?? HOURS.at(-1)!;
  if (by === 'males' || by === 'load')
    return level >= LAST_LEVEL[by] ? `${f.number(level)} or more ${COUNTED[by][1]}` : sayCount(by, level, f);
  return EITHER[by]?.[level as 0 | 1] ?? f.number(level);
}

/**
 * Of how many more of a group it is not known: nobody looked so late, or they were thinned or lost. Nothing of none.
 *
 * @example sayUnseen(3, f) // ' (3 not known)'
 */
export const sayUnseen = (unseen: number, f: Format): string =>
  unseen === 0 ? '' : ` (${f.number(unseen)} not known)`;

/** A side of a comparison, without its counts. */
function saySide(
  { factor, less }: Pick<SetEffect, 'factor' | 'less'>,
  side: Side,
  f: Format,
  nameOf: NameOfLevel,
): string {
  const { from, to } = side;
  if (typeof from === 'string' || typeof to === 'string') return sayLevel(factor, from, f, nameOf);
  if (factor === 'hour') {
    const isEarly = side === less;
    const hour = isEarly ? to : from;
    if (hour <= 0) return isEarly ? 'As they opened, or before' : 'Once they were opening';
    const when = hour < 1.5 ? `${f.number(Math.round(hour * 60))} min` : `${f.number(hour, 1)} h`;
    return isEarly ? `Within ${when} of opening` : `More than ${when} after opening`;
  }
  if (factor === 'males' || factor === 'load')
    return from === to
      ? sayCount(factor, from, f)
      : `${f.number(from)} to ${f.number(to)} ${COUNTED[factor][1]}`;
  return sayLevel(factor, from, f, nameOf);
}

const EVIDENCE_WORDS: Readonly<Record<Evidence, string>> = {
  strong: 'Strong evidence.',
  some: 'Some evidence.',
  none: 'Not shown.',
};

/** What follows where more of it goes with more set, and where with less. */
const ADVICE: Readonly<Record<SetFactor, { readonly more: string; readonly less: string }>> = {
  hour: { more: 'There is no hurry at first light.', less: 'Begin earlier, or share the round.' },
  males: { more: 'Use more males a flower, where there are enough.', less: '' },
  ownPlant: { more: '', less: 'Take males from another plant.' },
  again: { more: 'Go round a second time.', less: '' },
  late: { more: '', less: 'Leave flowers that are closing, and faded males.' },
  load: { more: '', less: 'Stop where a plant carries its load, or take fruit off.' },
  cover: { more: '', less: 'See whether covers press the flower or keep it wet.' },
  rain: { more: '', less: 'After rain expect fewer, and keep pollen dry.' },
  method: { more: '', less: '' },
  device: { more: '', less: '' },
};

/** What goes with set, in words. */
export interface EffectWords {
  readonly title: string;
  readonly counts: string;
  readonly text: string;
  readonly advice: string;
}

/**
 * A difference in set: as counted, all else alike, and how sure that is.
 *
 * @example sayEffect(effect, f, nameOf).counts // 'Within 30 min of opening: 71 of 100 set. More than 2 h after opening: 48 of 100.'
 */
export function sayEffect(effect: SetEffect, f: Format, nameOf: NameOfLevel): EffectWords {
  const { factor, less, more, difference, low, high, evidence, flowersMore } = effect;
  const each = (share: number): string => f.number(Math.round(Math.abs(share) * 100));
  const range =
    low < 0 && high > 0
      ? `from ${each(low)} fewer to ${each(high)} more`
      : `${each(difference < 0 ? high : low)} to ${each(difference < 0 ? low : high)}`;
  const further =
    flowersMore === undefined
      ? ''
      : ` If a difference of this size is real, about ${f.number(flowersMore)} flowers more would show it.`;
  const counts = (side: Side, set: string): string =>
    `${saySide(effect, side, f, nameOf)}: ${f.number(side.hits)} of ${f.number(side.of)}${set}${sayUnseen(side.unseen, f)}.`;
  return {
    title: GROUPING_NAMES[factor],
    counts: `${counts(less, ' set')} ${counts(more, '')}`,
    text: `All else alike, of the second ${each(difference)} in 100 ${difference < 0 ? 'fewer' : 'more'} set (${range}). ${EVIDENCE_WORDS[evidence]}${further}`,
    advice: evidence === 'none' ? '' : ADVICE[factor][difference < 0 ? 'less' : 'more'],
  };
}

/**
 * Why nothing is said of some factors; those that are always the same are passed over.
 *
 * @example sayNotTold([{ factor: 'hour', why: 'together', with: 'variety' }]) // ['Hour: it always goes with the variety, …']
 */
export const sayNotTold = (notTold: readonly NotTold[]): string[] =>
  notTold.flatMap((each) => {
    const name = GROUPING_NAMES[each.factor];
    switch (each.why) {
      case 'alwaysSame':
        return [];
      case 'notNoted':
        return [`${name}: not known for most of these flowers.`];
      case 'fewPlants':
        return [`${name}: too few flowers or plants differ in it.`];
      case 'together':
        return [
          `${name}: it goes with ${each.with === 'variety' ? 'the variety' : `“${GROUPING_NAMES[each.with].toLowerCase()}”`}, and cannot be told apart from that.`,
        ];
    }
  });

/** What it takes before anything can be said. */
export const sayTooFew = ({ flowers, plants }: Extract<BetterSet, { enough: false }>, f: Format): string =>
  `${f.count(flowers, 'flower', 'flowers')} on ${f.count(plants, 'plant', 'plants')} so far have had their second look. From 20 on 4 plants, with 5 that set and 5 that failed, it can be told what goes with better set.`;
