import { cropOf, protocolFor } from '../../crops/catalogue';
import type { UncoverStop } from '../../journal/kinds/stops';
import type { CoverMethod } from '../../journal/kinds/walk';
import { meantOf } from '../../journal/matingOf';
import { pollinationsOf } from '../../journal/pollinations';
import { groupBy } from '../../text/groupBy';
import { addDays, daysBetween } from '../../time/calendar';
import type { Operation } from './operation';
import { becameOfEach, fruitOnPlants, WITHOUT_POLLEN } from './withoutPollen';

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
  due(context) {
    const { journal, day } = context;
    const covered = fruitOnPlants(
      context,
      addDays(day, -DAYS_BACK),
      ({ cover, uncovered }) => cover !== undefined && TAKEN_OFF.includes(cover.method) && !uncovered,
    );
    const due = covered.filter(({ bloom, variety }) => {
      const meant = meantOf(journal, bloom);
      const after = meant && protocolFor(cropOf(variety.crop), meant)?.uncover?.after.value;
      const last = pollinationsOf(bloom).at(-1)?.day ?? bloom.day;
      return after !== undefined && last !== undefined && daysBetween(last, day) >= after;
    });
    return Array.from(
      groupBy(due, ({ plant }) => plant.plant),
      ([plant, fruits]) => ({
        kind: 'uncover' as const,
        plant,
        variety: fruits[0]!.variety.variety,
        blooms: fruits.map(({ bloom }) => bloom.bloom),
      }),
    );
  },
  became: ({ blooms }, seen) =>
    becameOfEach(blooms, seen, ({ uncovered, removed, harvest }) => uncovered ?? removed ?? harvest),
};
