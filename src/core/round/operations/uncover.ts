import { cropOf, protocolFor } from '../../crops/catalogue';
import { isOnPlant } from '../../fruit/fruitHistory';
import { fruitOf } from '../../fruit/fruits';
import type { UncoverStop } from '../../journal/kinds/stops';
import type { CoverMethod } from '../../journal/kinds/scout';
import { meantFor } from '../../journal/matingOf';
import { pollinationsOf } from '../../journal/pollinations';
import { groupBy } from '../../text/groupBy';
import { addDays, daysBetween } from '../../time/calendar';
import type { Operation } from './operation';
import { WITHOUT_POLLEN } from './withoutPollen';

/** Covers that nobody but the grower takes off: tape goes with the petals, and what is on an ear stays until harvest. */
const TAKEN_OFF: readonly CoverMethod[] = ['bag', 'cord', 'peg'];
/** Longer ago nobody asks. Our default. */
const DAYS_BACK = 90;

/** A cover that has done its work comes off, once fruit has formed. */
export const UNCOVER: Operation<UncoverStop> = {
  ...WITHOUT_POLLEN,
  fields: ['blooms'],
  blooms: ({ blooms }) => blooms,
  when: 'anyTime',
  due({ journal, garden, day, isWorked }) {
    const due = journal.bloomsBetween(addDays(day, -DAYS_BACK), day).flatMap((bloom) => {
      if (!bloom.cover || !TAKEN_OFF.includes(bloom.cover.method) || bloom.uncovered) return [];
      const fruit = fruitOf(journal, garden, day, bloom);
      if (!fruit || fruit.plant.removed || !fruit.histories.some(isOnPlant)) return [];
      const crop = cropOf(fruit.variety.crop);
      const meant = meantFor(journal, bloom.plant, bloom.day);
      const after = meant && protocolFor(crop, meant)?.uncover?.after.value;
      const last = pollinationsOf(bloom).at(-1)?.day ?? bloom.day;
      return isWorked(crop) && after !== undefined && last !== undefined && daysBetween(last, day) >= after
        ? [{ bloom: bloom.bloom, plant: bloom.plant, variety: fruit.variety.variety }]
        : [];
    });
    return Array.from(
      groupBy(due, ({ plant }) => plant),
      ([plant, of]) => ({
        kind: 'uncover' as const,
        plant,
        variety: of[0]!.variety,
        blooms: of.map(({ bloom }) => bloom),
      }),
    );
  },
  became({ blooms: ids }, { blooms }) {
    const last = ids.map((id) => {
      const bloom = blooms.get(id);
      const { at } = bloom?.uncovered ?? bloom?.removed ?? bloom?.harvest ?? {};
      return at;
    });
    const at = last.every((each) => each !== undefined) ? last.at(-1) : undefined;
    return at === undefined ? undefined : { at, outcome: 'done' };
  },
};
