import { cropOf } from '@/core/crops/catalogue';
import { RAISED_DAYS, type PreFloweringAdvice, type ToSow } from '@/core/due/preFloweringAdvice';
import type { Variety } from '@/core/journal/state';
import { daysBetween } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import type { Format } from '../format/format';

/** What comes before the first flowers, in words. */
export interface BeforeWords {
  readonly text: string;
  /** What comes when, in its order. */
  readonly steps: readonly { readonly what: string; readonly when: string }[];
  readonly note: string;
}

/**
 * What comes before the first flowers, and why then.
 *
 * @param variety the one that flowers first.
 */
export function sayBefore(before: PreFloweringAdvice, variety: Variety, day: Day, f: Format): BeforeWords {
  const { firstFlowers, firstBearing, counted, toSow } = before;
  const { name, crop } = variety;
  const believed = 'If you see buds sooner, look for them all the same: what you see counts.';
  if (toSow && !toSow.plantOut) return sayBeforeFrost(toSow, variety, believed, f);
  if (!firstFlowers) {
    return {
      text: `In the open here it hardly gets warm enough for ${name} to flower.`,
      steps: [],
      note: believed,
    };
  }
  const [males, females] = cropOf(crop).parts
    ? ['First tassels', 'First silk']
    : ['First males', 'First females'];
  const flowers = firstBearing
    ? [
        { what: males, when: f.date(firstFlowers) },
        { what: females, when: `${f.shortDay(firstBearing[0])} to ${f.shortDay(firstBearing[1])}` },
      ]
    : [{ what: 'First flowers', when: f.date(firstFlowers) }];
  const malesFirst = firstBearing ? 'Males come first, and fall: nothing is wrong then. ' : '';
  if (!toSow?.plantOut || !toSow.sowUnderCover)
    return {
      text: `${name} flowers first${counted ? sayCounted(counted, firstFlowers, f) : ''}.`,
      steps: flowers,
      note: `${malesFirst}${believed}`,
    };
  return {
    text: `Nothing flowers in the open here at this time of year. ${name} comes first, about:`,
    steps: [
      { what: 'Sow under cover', when: toSow.sowUnderCover <= day ? 'now' : f.date(toSow.sowUnderCover) },
      { what: 'Plant out', when: toSow.plantOut <= day ? 'now' : f.date(toSow.plantOut) },
      ...flowers,
    ],
    note: `${malesFirst}Estimated from your last frost and your climate; say when it was sown, and it is known better. ${believed}`,
  };
}

/** Where nobody said when frost is over: what waits for it has no day. */
function sayBeforeFrost(
  { toFlower }: ToSow,
  { name, crop }: Variety,
  believed: string,
  f: Format,
): BeforeWords {
  const weeks = (days: number): string => f.count(Math.round(days / 7), 'week', 'weeks');
  return {
    text: `Nothing flowers in the open here at this time of year. ${name} comes first:`,
    steps: [
      { what: 'Sow under cover', when: `${weeks(RAISED_DAYS)} before that` },
      { what: 'Plant out', when: 'once frost is over' },
      {
        what: cropOf(crop).parts ? 'First tassels' : 'First flowers',
        when: `about ${weeks(toFlower)} later`,
      },
    ],
    note: `No day is calculated: your latitude does not tell when frost is over. Note the last frost under Garden, The land around. ${believed}`,
  };
}

/** By what the first flowers are expected when they are. */
function sayCounted(
  { sowing, by }: NonNullable<PreFloweringAdvice['counted']>,
  firstFlowers: Day,
  f: Format,
): string {
  const days = f.count(daysBetween(sowing.day, firstFlowers), 'day', 'days');
  const from = `${days} after it was ${sowing.how === 'sown' ? 'sown' : 'planted out'} on ${f.date(sowing.day)}`;
  return by === 'days' ? `: ${from}, as you said` : `: ${from}, in the warmth of most years here`;
}
