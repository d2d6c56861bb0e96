import type { Entry, EntryOf } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Kind } from '../journal/kinds/kinds';
import { grownThen } from '../journal/past';
import { fatherPlants, pollinationsOf } from '../journal/pollinations';
import type { Bloom } from '../journal/state';
import { withCohortHistory } from '../journal/withCohortHistory';
import { byTime } from '../journal/order';
import type { LinkName } from './chain';

/** What is said of each link: by entries of these kinds, about the flower, its males, and the plants of both. */
const SAID: Readonly<
  Record<LinkName, Readonly<Partial<Record<'flower' | 'males' | 'plants' | 'variety', readonly Kind[]>>>>
> = {
  seedSource: { variety: ['variety.described'] },
  cover: { flower: ['covered', 'receptive', 'emasculated'] },
  intact: { flower: ['pollinated', 'missed'] },
  cleanPollen: { flower: ['pollinated', 'emasculated'], males: ['covered', 'picked'] },
  closedAgain: { flower: ['pollinated', 'uncovered'] },
  tag: { flower: ['pollinated', 'tagged', 'retagged', 'looked', 'harvested'] },
  plants: { flower: ['harvested'], plants: ['plant.noted', 'plant.removed'] },
};

/** A look says something of the tag only where it says so. */
const speaks = (entry: Entry): boolean =>
  entry.kind !== 'looked' || (entry as EntryOf<'looked'>).body.tag !== undefined;

/**
 * The entries that a link of a fruit's chain is judged by, the earliest first: who wrote them and when is in each. What a
 * cage or the distance holds has pages of its own.
 *
 * @example saidBy(journal, flower, 'cover').map(({ kind }) => kind) // ['covered']
 */
export function saidBy(journal: Journal, raw: Bloom, link: LinkName): Entry[] {
  const flower = withCohortHistory(journal, raw);
  const variety = grownThen(journal, flower.plant, flower.day ?? flower.keptOn)?.variety;
  const about = {
    flower: [flower.bloom, ...(flower.of === undefined ? [] : [flower.of])],
    males: pollinationsOf(flower).flatMap(({ donors }) => donors.map(({ bloom }) => bloom)),
    plants: [flower.plant, ...fatherPlants(flower)],
  };
  const { flower: ofFlower = [], males = [], plants = [], variety: ofVariety = [] } = SAID[link];
  const said = new Map<string, Entry>();
  const take = (type: 'bloom' | 'plant', ids: readonly string[], kinds: readonly Kind[]): void => {
    for (const id of new Set(ids))
      for (const entry of journal.entriesAbout(type, id))
        if (kinds.includes(entry.kind) && speaks(entry)) said.set(entry.id, entry);
  };
  take('bloom', about.flower, ofFlower);
  take('bloom', about.males, males);
  take('plant', about.plants, plants);
  const described = ofVariety.length > 0 && variety ? journal.effective(variety.describedBy) : undefined;
  if (described) said.set(described.id, described);
  return [...said.values()].sort((a, b) => byTime(a, b) || (a.id < b.id ? -1 : 1));
}
