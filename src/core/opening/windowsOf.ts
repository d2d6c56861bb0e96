import { bloomingCropOf, type CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { shelterOf, type Shelter } from '../journal/underGlass';
import type { Garden } from '../journal/state';
import { reason } from '../text/reason';
import type { Day } from '../time/types';
import { morningWeather, weatherOn } from './weatherOn';
import { ownHours } from './ownHours';
import { isOpeningWindow, openingWindow, type MorningWeather, type OpeningWindow } from './openingWindow';

/**
 * What can be told of the opening window of a crop on a day, for plants that stand in the open, under glass, or in both;
 * `undefined` where its hours are not known, or on a day without sunrise or sunset. Of both the earlier hours count, and
 * the flowers of both are open.
 *
 * @example windowOf(journal, garden, '2026-07-18', 'lettuce', 'open') // undefined: its hours are not known
 */
export function windowOf(
  journal: Journal,
  garden: Garden,
  day: Day,
  crop: CropId,
  shelter: Shelter,
): OpeningWindow | undefined {
  const outside = outsideOn(journal, garden, day);
  return windowIn(journal, garden, day, { crop, shelter, outside, expected: false });
}

const outsideOn = (journal: Journal, garden: Garden, day: Day): MorningWeather | undefined =>
  morningWeather(weatherOn(journal, garden, day));

interface Standing {
  readonly crop: CropId;
  readonly shelter: Shelter;
  readonly outside: MorningWeather | undefined;
  readonly expected: boolean;
}

function windowIn(
  journal: Journal,
  garden: Garden,
  day: Day,
  { crop, shelter, outside, expected }: Standing,
): OpeningWindow | undefined {
  const blooming = bloomingCropOf(crop);
  if (!blooming) return undefined;
  const under = (glass: boolean): OpeningWindow | undefined => {
    const own = ownHours(journal, garden, blooming, { until: day, glass });
    const window = openingWindow(blooming, garden, day, outside, { own, glass, expected });
    return isOpeningWindow(window) ? window : undefined;
  };
  if (shelter !== 'both') return under(shelter === 'glass');
  const [open, glass] = [under(false), under(true)];
  return open && glass && inBoth(open, glass);
}

function inBoth(open: OpeningWindow, glass: OpeningWindow): OpeningWindow {
  const span = (of: 'opens' | 'shuts'): readonly [number, number] => [
    Math.min(open[of][0], glass[of][0]),
    Math.max(open[of][1], glass[of][1]),
  ];
  const insects = [open.insects, glass.insects].filter((at) => at !== undefined);
  return {
    ...open,
    opens: span('opens'),
    shuts: span('shuts'),
    lastSafe: Math.min(open.lastSafe, glass.lastSafe),
    insects: insects.length > 0 ? Math.min(...insects) : undefined,
    reasons: [...open.reasons, reason('partlyUnderGlass')],
  };
}

/**
 * Opening windows to expect of some crops on a day, a guess where nights hardly get dark; a crop whose hours are not
 * known, or on a day without any sun, is left out.
 *
 * @example windowsOf(journal, garden, '2026-07-18', ['pepo', 'lettuce']).size // 1: lettuce has no hours
 */
export function windowsOf(
  journal: Journal,
  garden: Garden,
  morning: Day,
  crops: Iterable<CropId>,
): Map<CropId, OpeningWindow> {
  const outside = outsideOn(journal, garden, morning);
  const windows = new Map<CropId, OpeningWindow>();
  for (const crop of new Set(crops)) {
    const shelter = shelterOf(journal, crop);
    const window = windowIn(journal, garden, morning, { crop, shelter, outside, expected: true });
    if (window) windows.set(crop, window);
  }
  return windows;
}
