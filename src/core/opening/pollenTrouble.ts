import type { WeatherLimits } from '../crops/crop';
import { reason, type Reason } from '../text/reason';
import type { DayOfReadings } from '../weather/readings';

export type AirReason =
  | 'air.hotDayAndNight'
  | 'air.hotDay'
  | 'air.hotNight'
  | 'air.coldNight'
  | 'air.dewPoint'
  | 'air.clumps'
  | 'air.damp'
  | 'air.good'
  | 'air.dry'
  | 'air.sticksPoorly';

/** `stops`: hardly any flower is expected to set; `poor`: fewer than usual. */
export type PollenTrouble = 'none' | 'poor' | 'stops';

/** What is known of the air a flower lives in. */
export interface Air {
  readonly day?: Pick<DayOfReadings, 'max'> & Partial<Pick<DayOfReadings, 'night' | 'dewPoint'>>;
  /** Relative humidity at the hour of the work, per cent. */
  readonly humidity?: number;
}

const WORST: readonly PollenTrouble[] = ['none', 'poor', 'stops'];

/**
 * What the air does to pollen and set of a crop, each with its reason; heat and cold decide the day, humidity the hour.
 * A crop of which no limits are known, and air of which nothing is known, give no trouble and no reason.
 *
 * @example pollenTrouble(tomato.weather, { humidity: 90 }).trouble // 'poor'
 */
export function pollenTrouble(
  limits: WeatherLimits | undefined,
  { day, humidity }: Air,
): { readonly trouble: PollenTrouble; readonly reasons: readonly Reason<AirReason>[] } {
  const found = [
    ...(limits && day ? byHeatAndCold(limits, day) : []),
    ...(limits?.humidity && humidity !== undefined ? [byHumidity(limits.humidity, humidity)] : []),
  ];
  return {
    trouble: found.reduce<PollenTrouble>(
      (worst, { trouble }) => (WORST.indexOf(trouble) > WORST.indexOf(worst) ? trouble : worst),
      'none',
    ),
    reasons: found.map((each) => each.reason),
  };
}

interface Found {
  readonly trouble: PollenTrouble;
  readonly reason: Reason<AirReason>;
}

function byHeatAndCold(
  { heat, coldNight, dewPointSign }: WeatherLimits,
  day: NonNullable<Air['day']>,
): Found[] {
  const found: Found[] = [];
  if (heat) {
    const hotDay = day.max > heat.day.value;
    // The warmest hours of the night are its first: what counts is what it never falls below.
    const hotNight = day.night?.isWhole === true && day.night.min > heat.night.value;
    const [maxC, nightC] = [heat.day.value, heat.night.value];
    if (hotDay && hotNight) {
      found.push({ trouble: 'stops', reason: reason('air.hotDayAndNight', { maxC, nightC }) });
    } else if (heat.either && hotDay) {
      found.push({ trouble: 'poor', reason: reason('air.hotDay', { maxC }) });
    } else if (heat.either && hotNight) {
      found.push({ trouble: 'poor', reason: reason('air.hotNight', { nightC }) });
    }
  }
  if (coldNight && (day.night?.min ?? Infinity) < coldNight.value) {
    found.push({ trouble: 'poor', reason: reason('air.coldNight', { nightC: coldNight.value }) });
  }
  if (dewPointSign && (day.dewPoint?.low ?? -Infinity) >= dewPointSign.value) {
    found.push({ trouble: 'poor', reason: reason('air.dewPoint', { dewC: dewPointSign.value }) });
  }
  return found;
}

function byHumidity(limits: NonNullable<WeatherLimits['humidity']>, percent: number): Found {
  const [low, high] = limits.best.value;
  if (percent >= limits.clumpsFrom.value)
    return { trouble: 'poor', reason: reason('air.clumps', { percent }) };
  if (percent > high) return { trouble: 'none', reason: reason('air.damp', { percent, low, high }) };
  if (percent >= low) return { trouble: 'none', reason: reason('air.good', { percent, low, high }) };
  if (percent >= limits.sticksPoorlyBelow.value) {
    return { trouble: 'none', reason: reason('air.dry', { percent, low, high }) };
  }
  return { trouble: 'poor', reason: reason('air.sticksPoorly', { percent }) };
}
