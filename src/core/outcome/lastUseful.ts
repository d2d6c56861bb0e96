import { cropOf, type CropId } from '../crops/catalogue';
import { wantsSeed, type Purpose } from '../crops/variety';
import { addDays } from '../time/calendar';
import { nextYearDay } from '../time/nextYearDay';
import type { Day } from '../time/types';
import { normalOf, type Climate } from '../weather/climate';

/** The last day on which a pollination still ripens before the frost. */
export interface LastUseful {
  readonly day: Day;
  /** On the vine until it is ripe for what it is grown for, days. */
  readonly days: number;
  /** Of these, for a cool autumn. */
  readonly coolDays: number;
  readonly frost: Day;
}

/** So long after a frost it is still that one, and not next year's, days. Our default. */
const OVER_DAYS = 90;
/** Below this mean of the last weeks before the frost fruit ripens slowly, °C, and so much longer. Our defaults. */
const COOL = { mean: 14, weeks: 4, share: 0.15 } as const;

/**
 * Until when pollinating is worth while: the early frost, of one year in ten, less the days on the vine, more of them
 * where the autumn is cool. Seed ripens on indoors for three weeks or more, so its shortest time on the vine counts
 * (common practice, no source).
 *
 * @param earlyFrost a day of any year: its month and its day count.
 * @returns `undefined` where the crop's days are not known.
 * @example lastUsefulPollination({ crop: 'pepo', purpose: 'seedToKeep', earlyFrost: '2025-10-01', … })?.day // '2026-08-12'
 */
export function lastUsefulPollination({
  crop,
  purpose,
  earlyFrost,
  today,
  climate,
  latitude,
}: {
  readonly crop: CropId;
  readonly purpose: Purpose;
  readonly earlyFrost: Day;
  readonly today: Day;
  readonly climate: Climate;
  readonly latitude: number;
}): LastUseful | undefined {
  const { seedAfter, eatAfter } = cropOf(crop);
  const onVine = wantsSeed(purpose) ? seedAfter?.value[0] : eatAfter?.value[1];
  if (onVine === undefined) return undefined;
  const frost = nextFrost(earlyFrost, today);
  const coolDays = isCool(frost, climate, latitude) ? Math.round(COOL.share * onVine) : 0;
  const days = onVine + coolDays;
  return { day: addDays(frost, -days), days, coolDays, frost };
}

/**
 * The early frost of this autumn, as long as it is not long over; else of the next.
 *
 * @example nextFrost('2025-10-01', '2026-07-19') // '2026-10-01'
 */
export function nextFrost(earlyFrost: Day, today: Day): Day {
  return nextYearDay(earlyFrost, addDays(today, -OVER_DAYS));
}

function isCool(frost: Day, climate: Climate, latitude: number): boolean {
  const days = Array.from({ length: 7 * COOL.weeks }, (_, i) =>
    normalOf(addDays(frost, -i), climate, latitude),
  );
  return days.reduce((sum, { min, max }) => sum + (min + max) / 2, 0) / days.length < COOL.mean;
}
