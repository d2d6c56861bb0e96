import { bloomingCropOf, type CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import type { Day } from '../time/types';
import { morningWeather, weatherOn } from './weatherOn';
import { ownHours } from './ownHours';
import { isOpeningWindow, openingWindow, type OpeningWindow } from './openingWindow';

/**
 * Opening windows of some crops on a day; one whose hours are not known, or on a day without sunrise, is left out.
 *
 * @example windowsOf(journal, garden, '2026-07-18', ['pepo', 'lettuce']).size // 1: lettuce has no hours
 */
export function windowsOf(
  journal: Journal,
  garden: Garden,
  morning: Day,
  crops: Iterable<CropId>,
): Map<CropId, OpeningWindow> {
  const weather = morningWeather(weatherOn(journal, garden, morning));
  const windows = new Map<CropId, OpeningWindow>();
  for (const crop of new Set(crops)) {
    const blooming = bloomingCropOf(crop);
    const window =
      blooming &&
      openingWindow(blooming, garden, morning, weather, ownHours(journal, garden, blooming, morning));
    if (window && isOpeningWindow(window)) windows.set(crop, window);
  }
  return windows;
}
