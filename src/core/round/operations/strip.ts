import { cropOf } from '../../crops/catalogue';
import type { StripStop } from '../../journal/kinds/stops';
import { walkId } from '../../journal/kinds/walk';
import { seasonAt } from '../../season/seasons';
import { addDays, daysBetween } from '../../time/calendar';
import type { Operation } from './operation';
import { WITHOUT_POLLEN } from './withoutPollen';

/**
 * Fruit that set by itself comes off before a plant is worked for seed: while it swells, others hardly set. It is asked
 * once a season, of plants that are worked for the first time and of which nobody noted it.
 */
export const STRIP: Operation<StripStop> = {
  ...WITHOUT_POLLEN,
  fields: [],
  blooms: () => [],
  when: 'first',
  due({ journal, day, mothers, isWorked }) {
    // Today asks where nothing is due for seed: then nothing need be read.
    if (mothers.size === 0) return [];
    const { from } = seasonAt(journal, day);
    const known = new Set(
      journal.bloomsBetween(from, day).flatMap(({ plant, pollination }) => (pollination ? [plant] : [])),
    );
    // Day by day: all walks there ever were would be folded otherwise.
    const season = Array.from({ length: daysBetween(from, day) + 1 }, (_, i) => addDays(from, i));
    const isStripped = (plant: string): boolean =>
      season.some((each) => journal.all('walk').get(walkId(plant, each))?.stripped !== undefined);
    return [...mothers].flatMap((id) => {
      const plant = journal.all('plant').get(id);
      const variety = journal.all('variety').get(plant?.variety ?? '');
      if (!plant || !variety || known.has(id) || isStripped(id)) return [];
      const crop = cropOf(variety.crop);
      return isWorked(crop) && crop.seedFruits
        ? [{ kind: 'strip' as const, plant: id, variety: variety.variety }]
        : [];
    });
  },
  became({ plant }, { walks, day }) {
    const walk = walks.get(walkId(plant, day));
    return walk?.stripped === undefined ? undefined : { at: walk.at, outcome: 'done' };
  },
};
