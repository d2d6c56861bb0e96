import { cropOf } from '../../crops/catalogue';
import type { StripStop } from '../../journal/kinds/stops';
import { walkId } from '../../journal/kinds/scout';
import { seasonAt } from '../../season/seasons';
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
    const { from } = seasonAt(journal, day);
    const known = new Set(
      journal.bloomsBetween(from, day).flatMap(({ plant, pollination }) => (pollination ? [plant] : [])),
    );
    const stripped = new Set(
      [...journal.all('walk').values()].flatMap((walk) =>
        walk.stripped !== undefined && walk.day >= from ? [walk.plant] : [],
      ),
    );
    return [...mothers].flatMap((id) => {
      const plant = journal.all('plant').get(id);
      const variety = journal.all('variety').get(plant?.variety ?? '');
      if (!plant || !variety || known.has(id) || stripped.has(id)) return [];
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
