import type { BloomingCrop, CropId } from '../crops/catalogue';
import type { FlowerHours, Span } from '../crops/crop';
import { reason, type Reason } from '../text/reason';
import { addDays, atClock, MS_PER_HOUR } from '../time/calendar';
import { sunTimes, type Site, type SunTimes } from '../time/sun';
import type { Day } from '../time/types';
import type { PartWeather } from '../weather/dayWeather';
import { warmFrom, type Reading } from '../weather/readings';

/** What is known of the morning's weather. */
export type MorningWeather = Omit<PartWeather, 'day' | 'reachedC'> & {
  /** Where the day's highest is not known: so warm it was at least, °C. */
  readonly reachedC?: number;
  /** By the hour, where it was measured. */
  readonly readings?: readonly Reading[];
};

export type WindowReason =
  | 'fromSunrise'
  | 'fromNoon'
  | 'fromSunset'
  | 'insectsDusk'
  | 'coldDawn'
  | 'hotDay'
  | 'coolDay'
  | 'underGlass'
  | 'partlyUnderGlass'
  | 'doneByClock'
  | 'doneByClockLater'
  | 'longRain'
  | 'insectsLight'
  | 'insectsCold'
  | 'earlyBees'
  | 'windCarries'
  | 'ownHours'
  | 'lightNights'
  | 'noSunrise';

/** By how much the garden's own flowers open and shut later than the crop's hours say, hours; negative: sooner. */
export interface OwnHours {
  readonly opensH: number;
  readonly shutsH: number;
  /** On which something was noted. */
  readonly days: number;
}

/** All times UTC milliseconds. */
export interface OpeningWindow {
  readonly crop: CropId;
  /** The sunrise they open by, or shut after; the sun's highest point where it does not rise. */
  readonly sunrise: number;
  /** First and last flowers open. */
  readonly opens: readonly [number, number];
  /** First and last flowers shut. */
  readonly shuts: readonly [number, number];
  /** Be done with fruit by then. */
  readonly lastSafe: number;
  /** Insects fly from then on; uncovered flowers are no longer fit for seed. `undefined` where wind brings the pollen. */
  readonly insects: number | undefined;
  readonly reasons: readonly Reason<WindowReason>[];
}

export interface WindowOptions {
  readonly own?: OwnHours | undefined;
  /** Do they stand under glass? There a cold dawn, rain and a cool day outside say nothing, and heat does. */
  readonly glass?: boolean;
  /**
   * What is to be expected where nights hardly get dark: flowers then follow warmth, which has its lowest point some
   * hours after the sun has. Without it the sun's own hours: a flower may open as early as that, and where the sun does
   * not set nothing is known.
   */
  readonly expected?: boolean;
}

/** The air is coolest, where the sun rises sooner, so long after midnight by the sun; dusk is no later before it. Our default. */
const COOLEST_H = 3;

const AS_USUAL: OwnHours = { opensH: 0, shutsH: 0, days: 0 };

const FROM = { sunrise: 'fromSunrise', noon: 'fromNoon', sunset: 'fromSunset' } as const satisfies Record<
  FlowerHours['from'],
  WindowReason
>;

/** A dawn warms by about this much an hour once the sun is up. Our default, no source. */
const WARMING_C_PER_HOUR = 1.5;
/** However cold the dawn, flowers are not expected later than this. Our default. */
const MAX_COLD_DELAY_H = 3;
/** Days of 30 °C and more shut squash flowers about an hour sooner; cool days hold them open. Our defaults. */
const HOT_DAY_C = 30;
const HOT_SHUTS_EARLIER_H = 1;
const COOL_DAY_C = 20;
const COOL_SHUTS_LATER_H = 1;
/** Honey bees fly from about 13 °C and light (common practice, no source). */
const BEES_FLY_C = 13;

/**
 * Hours after a moment of the morning until the air is warm enough: by its readings where there are any of that morning,
 * else from the temperature at dawn.
 *
 * @param from UTC milliseconds.
 */
function hoursLate({ dawnC, readings = [] }: MorningWeather, neededC: number, from: number): number {
  const morning = readings.filter(({ ms }) => Math.abs(ms - from) <= MAX_COLD_DELAY_H * MS_PER_HOUR);
  const measured = morning.some(({ ms }) => ms <= from) && morning.some(({ ms }) => ms > from);
  const warm = measured ? warmFrom(readings, neededC, from) : undefined;
  if (!measured && dawnC === undefined) return 0;
  const hours = measured
    ? ((warm ?? Infinity) - from) / MS_PER_HOUR
    : (neededC - dawnC!) / WARMING_C_PER_HOUR;
  return Math.min(MAX_COLD_DELAY_H, Math.max(0, hours));
}

/**
 * When the flowers of a crop open and shut on a day, when insects fly, and by when to be done. Flowers that open at
 * dusk belong to the day of that dusk, though they are open until the next morning.
 *
 * Hours from sunrise or sunset come from the crop; a cold dawn moves the opening, heat and cool move the shutting, and
 * the garden's own flowers both.
 *
 * @returns the window with its reasons, or only the reason `noSunrise` where the sun does not rise that day, or does not
 * set and nobody asks what is to be expected.
 */
export function openingWindow(
  crop: BloomingCrop,
  site: Site,
  day: Day,
  weather?: MorningWeather,
  { own = AS_USUAL, glass = false, expected = false }: WindowOptions = {},
): OpeningWindow | { readonly reasons: readonly [Reason<'noSunrise'>] } {
  const { hours } = crop;
  const sun = sunTimes(day, site);
  const dayOf = expected ? feltDay : (each: SunTimes): SunTimes => each;
  const felt = dayOf(sun);
  const next = hours.shutsFrom === 'nextSunrise' ? sunTimes(addDays(day, 1), site) : undefined;
  const rises = next && dayOf(next).sunrise;
  const anchor = felt[hours.from];
  if (anchor === null || rises === null)
    return { reasons: [reason('noSunrise', { polar: sun.polar ?? 'day' })] };
  const isLight = anchor !== sun[hours.from] || (next !== undefined && rises !== next.sunrise);
  const reasons: Reason<WindowReason>[] = [
    ...(isLight ? [reason('lightNights' as const)] : []),
    ...(sun[hours.from] === null
      ? []
      : [reason(FROM[hours.from], { open: hours.opens.value[0], shut: hours.shuts.value[0] })]),
  ];
  const moves =
    hours.from === 'sunrise'
      ? byWeather(crop, { weather, glass }, anchor + hours.opens.value[0] * MS_PER_HOUR, reasons)
      : { opensLate: 0, shutMove: 0 };
  const at = (from: number, h: number): number => from + h * MS_PER_HOUR;
  const span = (from: number, [first, last]: Span, move: number): readonly [number, number] => [
    at(from, first + move),
    at(from, last + move),
  ];
  const opens = span(anchor, hours.opens.value, moves.opensLate + own.opensH);
  const [shut, allShut] = span(rises ?? anchor, hours.shuts.value, moves.shutMove + own.shutsH);
  const shuts = [Math.max(shut, opens[1]), Math.max(allShut, opens[1])] as const;
  if (own.days > 0) reasons.push(reason('ownHours', { ...own }));
  const insects = insectsFrom(
    crop,
    // Light is there when it is, also before the flowers.
    hours.from === 'noon' ? opens[0] : (sun[hours.from] ?? anchor),
    glass ? undefined : weather,
    reasons,
  );
  if (glass) reasons.push(reason('underGlass', { wind: crop.pollenVector === 'wind' ? 'wind' : 'insects' }));
  if (weather?.rain === 'long' && !glass) reasons.push(reason('longRain'));
  const safe = { opens, shuts: shuts[0], opensLate: moves.opensLate };
  return {
    crop: crop.id,
    sunrise: rises ?? sun.sunrise ?? anchor,
    opens,
    shuts,
    lastSafe: lastSafe(crop, site, day, safe, reasons),
    insects,
    reasons,
  };
}

/** Sunrise and sunset as flowers feel them: where the sun hardly sets, or does not, the day's coolest time parts days. */
function feltDay(sun: SunTimes): SunTimes {
  if (sun.polar === 'night') return sun;
  const [cool, dusk] = [sun.noon - (12 - COOLEST_H) * MS_PER_HOUR, sun.noon + (12 - COOLEST_H) * MS_PER_HOUR];
  return {
    ...sun,
    sunrise: Math.max(sun.sunrise ?? cool, cool),
    sunset: Math.min(sun.sunset ?? dusk, dusk),
  };
}

/**
 * Hours by which the morning's weather moves opening and shutting.
 *
 * @param usual when the first would open in any weather, UTC milliseconds.
 */
function byWeather(
  { floor }: BloomingCrop,
  { weather, glass }: { readonly weather: MorningWeather | undefined; readonly glass: boolean },
  usual: number,
  reasons: Reason<WindowReason>[],
): { readonly opensLate: number; readonly shutMove: number } {
  if (!weather) return { opensLate: 0, shutMove: 0 };
  const opensLate = floor && !glass ? hoursLate(weather, floor.value, usual) : 0;
  if (floor && opensLate > 0) reasons.push(reason('coldDawn', { hours: opensLate, floorC: floor.value }));
  // A day that was measured until nine may still become hot, and is no cool one yet.
  const { maxC, reachedC = maxC } = weather;
  if (reachedC !== undefined && reachedC >= HOT_DAY_C) {
    reasons.push(reason('hotDay', { maxC: reachedC, hours: HOT_SHUTS_EARLIER_H }));
    return { opensLate, shutMove: -HOT_SHUTS_EARLIER_H };
  }
  if (maxC === undefined || maxC >= COOL_DAY_C || glass) return { opensLate, shutMove: 0 };
  reasons.push(reason('coolDay', { maxC, hours: COOL_SHUTS_LATER_H }));
  return { opensLate, shutMove: COOL_SHUTS_LATER_H };
}

/** Moths fly from dusk; bees from light, once it is warm enough. Wind carries pollen whenever it is shed. */
function insectsFrom(
  { hours, pollenVector, earlyBees }: BloomingCrop,
  anchor: number,
  weather: MorningWeather | undefined,
  reasons: Reason<WindowReason>[],
): number | undefined {
  if (pollenVector === 'wind') {
    reasons.push(reason('windCarries'));
    return undefined;
  }
  if (hours.from === 'sunset' || pollenVector === 'nightInsects') {
    reasons.push(reason('insectsDusk'));
    return anchor;
  }
  const late = weather ? hoursLate(weather, BEES_FLY_C, anchor) : 0;
  reasons.push(reason(late > 0 ? 'insectsCold' : 'insectsLight', { flyC: BEES_FLY_C }));
  if (earlyBees) reasons.push(reason('earlyBees'));
  return anchor + late * MS_PER_HOUR;
}

/**
 * Flowers are safe until the first of them shut, or until the clock hour that growers name. That hour is meant for
 * mornings on which they open by themselves: after a cold dawn it is as much later as they are, and never before all
 * of them are open.
 */
function lastSafe(
  { hours }: BloomingCrop,
  site: Site,
  day: Day,
  { opens, shuts, opensLate }: { opens: readonly [number, number]; shuts: number; opensLate: number },
  reasons: Reason<WindowReason>[],
): number {
  if (!hours.doneByClock) return shuts;
  const named = atClock(day, hours.doneByClock.value, site.zone) + opensLate * MS_PER_HOUR;
  const byClock = Math.max(named, opens[1]);
  if (byClock >= shuts) return shuts;
  const hour = hours.doneByClock.value;
  reasons.push(
    byClock > named - opensLate * MS_PER_HOUR
      ? reason('doneByClockLater', { hour })
      : reason('doneByClock', { hour }),
  );
  return byClock;
}

/** Did a morning give a window, or only the reason why there is none? */
export const isOpeningWindow = (window: ReturnType<typeof openingWindow>): window is OpeningWindow =>
  'opens' in window;

/**
 * Share of pollen alive at opening and at shutting [Nepi & Pacini 1993, Pollination, pollen viability and pistil
 * receptivity in Cucurbita pepo; from memory].
 */
export const ALIVE_AT_OPENING = 0.9;
const ALIVE_AT_SHUTTING = 0.75;

/**
 * Share of pollen alive at a moment of the window, falling evenly from opening to shutting.
 *
 * @param ms UTC milliseconds; before opening and after shutting nothing can be pollinated: 0.
 */
export function pollenAlive(window: OpeningWindow, ms: number): number {
  const [opens] = window.opens;
  const shuts = window.shuts[1];
  if (ms < opens || ms > shuts) return 0;
  return ALIVE_AT_OPENING - (ALIVE_AT_OPENING - ALIVE_AT_SHUTTING) * ((ms - opens) / (shuts - opens));
}
