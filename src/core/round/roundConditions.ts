import { placesOf } from '../garden/places';
import type { Segment } from '../garden/segments';
import { walkingDistance } from '../garden/walking';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { handlingTimes } from '../outing/handling';
import type { OutingDay } from '../outing/outingDay';
import { workingHours } from '../outing/workingHours';
import type { RoundConditions } from './progress';
import { VISIT_MS, WALKING_M_PER_MS } from './roundJobs';

/**
 * What one has to walk round: everything that stands in the way, except dense bloom.
 *
 * @example obstaclesOf(new Journal()) // []
 */
export const obstaclesOf = (journal: Journal): Segment[] =>
  [...journal.all('barrier').values()]
    .filter(({ sort }) => sort !== 'forage')
    .map(({ from, to }) => ({ from, to }));

/**
 * Time from one plant to the next, milliseconds: the way round what stands there, and finding it. `undefined` where the
 * place of either is not known.
 *
 * @example walkingTimes(new Journal())('p1', 'p2') // undefined
 */
function walkingTimes(journal: Journal): (from: string, to: string) => number | undefined {
  const places = placesOf(journal.all('plant').values(), journal.all('bed'));
  const metres = walkingDistance(obstaclesOf(journal));
  return (from, to) => {
    const [a, b] = [places.get(from), places.get(to)];
    return a && b && metres(a, b) / WALKING_M_PER_MS + (from === to ? 0 : VISIT_MS);
  };
}

/**
 * What the way ahead of a round depends on besides the round itself.
 *
 * @example roundConditions(journal, garden, { day: '2026-07-19', outing: 'morning' }).hours.size // varieties worked then
 */
export const roundConditions = (journal: Journal, garden: Garden, outing: OutingDay): RoundConditions => ({
  hours: workingHours(journal, garden, outing),
  handling: handlingTimes(journal),
  walkingMs: walkingTimes(journal),
});
