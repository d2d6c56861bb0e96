import type { Journal } from '@/core/journal/journal';
import { plantLabel } from '@/core/records/plantLabel';
import type { NameOfLevel } from '../words/setFactors';

/**
 * What varieties, plants and phones are called. A phone has a name once it gave a tag; several without one are numbered.
 *
 * @param devices those that are shown.
 * @example levelNames(journal, ['x', 'y'])('y') // 'Phone without a name 2'
 */
export function levelNames(journal: Journal, devices: readonly string[]): NameOfLevel {
  const unnamed = devices.filter((device) => !journal.all('device').get(device)?.name).sort();
  return (id) =>
    journal.all('variety').get(id)?.name ??
    journal.all('device').get(id)?.name ??
    (unnamed.includes(id)
      ? `Phone without a name${unnamed.length > 1 ? ` ${unnamed.indexOf(id) + 1}` : ''}`
      : plantLabel(journal, id));
}
