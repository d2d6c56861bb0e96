import { bloomingCropOf, cropOf, protocolFor } from '../crops/catalogue';
import { outingOf, type Outing } from '../crops/outing';
import type { Journal } from '../journal/journal';
import type { Sex } from '../journal/kinds/walk';
import type { Garden } from '../journal/state';
import type { OpeningForecast, VarietyForecast } from '../opening/forecastOpenings';
import { windowsOf } from '../opening/windowsOf';
import { MS_PER_MINUTE } from '../time/calendar';
import type { Day } from '../time/types';
import { handlingTimes, USUAL_HANDLING } from '../outing/handling';
import { techniqueOf } from '../outing/technique';

/** A variety whose males will hardly do on a day. */
interface MalesShort {
  readonly variety: string;
  /** So many are needed for the females to expect, and so many fewer are to be expected. */
  readonly needed: number;
  readonly short: number;
}

/** What a day to come asks of the grower, by the flowers to expect. */
export interface DayToCome {
  readonly day: Day;
  readonly malesShort: readonly MalesShort[];
  /** The work at the flowers, outing by outing, and how many people get it done before they shut. */
  readonly outings: readonly { readonly outing: Outing; readonly minutes: number; readonly people: number }[];
}

/** From one flower to the next, on average. Our default. */
const WALK_MS = 20_000;

/**
 * What the flowers to expect ask of each day to come: which varieties will be short of males, and how many people the
 * work takes.
 *
 * @example daysAhead(journal, garden, { days: ['2026-07-20'], varieties: [] })[0]?.outings // []
 */
export function daysAhead(journal: Journal, garden: Garden, forecast: OpeningForecast): DayToCome[] {
  const handling = handlingTimes(journal);
  return forecast.days.map((day, i) => {
    const windows = windowsOf(journal, garden, day, cropsOf(journal, forecast));
    const work = new Map<Outing, { ms: number; hasMs: number }>();
    const malesShort: MalesShort[] = [];
    for (const each of forecast.varieties) {
      const variety = journal.all('variety').get(each.variety);
      const crop = variety && bloomingCropOf(variety.crop);
      if (!variety || !crop) continue;
      const [females, males] = [meanOf(each, 'female', i), meanOf(each, 'male', i)];
      const needed = Math.ceil(Math.round(females) * malesForEach(journal, each.variety));
      const short = needed - Math.round(males);
      if (needed > 0 && short > 0) malesShort.push({ variety: each.variety, needed, short });
      const { pick, pollinate } = handling.get(each.variety) ?? USUAL_HANDLING;
      const outing = outingOf(crop);
      const window = windows.get(variety.crop);
      const before = work.get(outing) ?? { ms: 0, hasMs: 0 };
      work.set(outing, {
        ms: before.ms + females * (pollinate + WALK_MS) + Math.min(needed, males) * (pick + WALK_MS),
        hasMs: Math.max(before.hasMs, window ? window.lastSafe - window.opens[0] : 0),
      });
    }
    return {
      day,
      malesShort,
      outings: [...work].flatMap(([outing, { ms, hasMs }]) =>
        ms < MS_PER_MINUTE || hasMs === 0
          ? []
          : [{ outing, minutes: Math.round(ms / MS_PER_MINUTE), people: Math.ceil(ms / hasMs) }],
      ),
    };
  });
}

const cropsOf = (journal: Journal, { varieties }: OpeningForecast) =>
  varieties.flatMap(({ variety }) => journal.all('variety').get(variety)?.crop ?? []);

const meanOf = ({ flowers }: VarietyForecast, sex: Sex, day: number): number =>
  flowers.find((each) => each.sex === sex)?.days[day]?.mean ?? 0;

/** Males that each female takes, one serving as many as its pollen does. */
function malesForEach(journal: Journal, id: string): number {
  const variety = journal.all('variety').get(id)!;
  const meant = { purpose: variety.purpose, mother: id, father: id };
  const serves = protocolFor(cropOf(variety.crop), meant)?.collect?.serves.value ?? 1;
  return techniqueOf(journal, meant).males / serves;
}
