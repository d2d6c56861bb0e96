import { guidedCropOf, type CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import type { Day } from '../time/types';
import { isOpeningWindow, openingWindow, type OpeningWindow } from './openingWindow';

/**
 * Opening windows of some crops on a morning; a crop without sunrise, or not guided by it, is left out.
 *
 * @example windowsOf(journal, garden, '2026-07-18', ['pepo', 'tomato']).size // 1: tomato is not guided yet
 */
export function windowsOf(
  journal: Journal,
  garden: Garden,
  morning: Day,
  crops: Iterable<CropId>,
): Map<CropId, OpeningWindow> {
  const weather = journal.all('weather').get(morning);
  const windows = new Map<CropId, OpeningWindow>();
  for (const crop of new Set(crops)) {
    const guided = guidedCropOf(crop);
    const window = guided && openingWindow(guided, garden, morning, weather);
    if (window && isOpeningWindow(window)) windows.set(crop, window);
  }
  return windows;
}
