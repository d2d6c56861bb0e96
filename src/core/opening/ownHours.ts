import type { BloomingCrop } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { shelterThen } from '../journal/underGlass';
import type { Garden, SeenHour } from '../journal/state';
import { groupBy } from '../text/groupBy';
import { MS_PER_HOUR, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { isOpeningWindow, openingWindow, type OwnHours } from './openingWindow';
import { morningWeather, weatherOn } from './weatherOn';

/** How far a garden's flowers may be expected to differ from the crop's hours, as a standard deviation. Our default. */
const GARDEN_SD_H = 1 / 3;
/** How far the flowers of one day differ from the garden's usual. Our default. */
const DAY_SD_H = 0.5;
/** A move is looked for among these, hours: nothing beyond is believed. */
const MAX_H = 3;
const STEP_H = 1 / 60;
/** Of more days only the latest count. */
const MAX_DAYS = 30;

/** Between which hours the first flower opened, or the last one shut, counted from when that was expected. */
interface Bounds {
  readonly after: number;
  readonly by: number;
}

/**
 * By how much the grower's own observations move opening and shutting of a crop, up to a day; `undefined` without any.
 *
 * Each observation only bounds a time: found open at nine, they opened before and shut after. The move is normally
 * distributed before anything was seen (mean 0, sd 20 minutes), the times of a day logistically around it (sd 30
 * minutes); what is taken is the mean of the move given all days [Bayes' rule with interval-censored data, on a grid].
 * So one day moves little, and many days that agree move nearly all the way.
 *
 * @param glass those of plants under glass; where some stood in the open and some did not nobody knows of which a note speaks.
 * @example ownHours(new Journal(), garden, squash, { until: '2026-07-19' }) // undefined
 */
export function ownHours(
  journal: Journal,
  garden: Garden,
  crop: BloomingCrop,
  { until, glass = false }: { readonly until: Day; readonly glass?: boolean },
): OwnHours | undefined {
  const seen =
    journal
      .all('hours')
      .get(crop.id)
      ?.seen.filter(({ day }) => day <= until) ?? [];
  const days = [...groupBy(seen, ({ day }) => day)]
    .filter(([day]) => shelterThen(journal, crop.id, day) === (glass ? 'glass' : 'open'))
    .sort(([a], [b]) => (a < b ? 1 : -1))
    .slice(0, MAX_DAYS);
  const bounds = days.flatMap(([day, notes]) => {
    const window = openingWindow(crop, garden, day, morningWeather(weatherOn(journal, garden, day)), {
      expected: true,
      glass,
    });
    return isOpeningWindow(window) ? [boundsOf(notes, window.opens[0], window.shuts[1])] : [];
  });
  if (bounds.length === 0) return undefined;
  return {
    opensH: meanMove(bounds.map(({ opens }) => opens)),
    shutsH: meanMove(bounds.map(({ shuts }) => shuts)),
    days: bounds.length,
  };
}

/** Of all that was noted on a day the tightest bounds: they are the same flowers, and count once. */
function boundsOf(
  notes: readonly SeenHour[],
  opens: number,
  shuts: number,
): { readonly opens: Bounds; readonly shuts: Bounds } {
  const at = (seen: SeenHour['seen']): number[] =>
    notes.filter((note) => note.seen === seen).map((note) => toMs(note.at));
  const [notYet, open, shut] = [at('notYet'), at('open'), at('shut')];
  const hours = (ms: number, from: number): number => (ms - from) / MS_PER_HOUR;
  return {
    opens: {
      after: hours(Math.max(-Infinity, ...notYet), opens),
      by: hours(Math.min(Infinity, ...open, ...shut), opens),
    },
    shuts: {
      after: hours(Math.max(-Infinity, ...notYet, ...open), shuts),
      by: hours(Math.min(Infinity, ...shut), shuts),
    },
  };
}

/** Of a logistic distribution. */
const SCALE_H = (DAY_SD_H * Math.sqrt(3)) / Math.PI;
const happenedBy = (hours: number): number => 1 / (1 + Math.exp(-hours / SCALE_H));

/** How likely bounds are where the usual time is moved; contradictory ones are taken one by one. */
function likelihood({ after, by }: Bounds, move: number): number {
  const [early, late] = [happenedBy(after - move), happenedBy(by - move)];
  return after < by ? late - early : late * (1 - early);
}

function meanMove(bounds: readonly Bounds[]): number {
  let [sum, weights] = [0, 0];
  const steps = Math.round(MAX_H / STEP_H);
  for (let i = -steps; i <= steps; i += 1) {
    const move = i * STEP_H;
    let weight = Math.exp(-((move / GARDEN_SD_H) ** 2) / 2);
    for (const each of bounds) weight *= likelihood(each, move);
    sum += weight * move;
    weights += weight;
  }
  // Seen where nothing could have been: the grid gives no answer, and nothing is moved.
  return weights > 0 ? sum / weights : 0;
}
