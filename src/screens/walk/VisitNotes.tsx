import { outingOf } from '@/core/crops/outing';
import { wantsSeed } from '@/core/crops/variety';
import { isLoaded, plantLoads } from '@/core/fruit/plantLoad';
import type { BudCount } from '@/core/journal/kinds/walk';
import { dayAt } from '@/core/time/calendar';
import { flowersDue } from '@/core/due/flowersDue';
import type { WalkedPlant } from '@/core/due/outings';
import { useGarden } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';

/** For which crosses, and on which side of them. */
export function CrossesHere({ walked: { plant, roles } }: { readonly walked: WalkedPlant }) {
  const { journal } = useGarden().store;
  const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
  return roles.crosses.map(({ mating, mother, father }) => (
    <Text key={mating} variant="small" style={{ marginBottom: SPACE.xs }}>
      {`Cross ${name(mother)} × ${name(father)}: ${plant.variety === mother ? 'this plant is the mother' : 'this plant gives pollen'}.`}
    </Text>
  ));
}

/** What the plant carries already, where that lowers what can be expected of more. */
export function Load({ walked: { plant, variety } }: { readonly walked: WalkedPlant }) {
  const f = useFormat();
  const id = plant.plant;
  const load = useView(
    'load',
    [id],
    ({ store: { journal }, garden, now }) =>
      plantLoads(journal, garden, dayAt(now, garden.zone), new Set([id])).get(id) ?? null,
  );
  if (!load || load.growing === 0 || !wantsSeed(variety.purpose)) return null;
  const fruits = f.count(load.growing, 'fruit grows', 'fruits grow');
  return (
    <Text variant="small" tone={isLoaded(load) ? 'rust' : 'soft'} style={{ marginBottom: SPACE.xs }}>
      {isLoaded(load)
        ? `${fruits} on it: as many as it ripens for seed. Stop here; more will hardly set.`
        : `${fruits} on it, of about ${f.number(load.most)} that it ripens for seed. Fewer of the next will set.`}
    </Text>
  );
}

/** How many tassels the ears of all plants want for the day, with those of this one. */
export function TasselsNeeded({
  walked,
  counts,
}: {
  readonly walked: WalkedPlant;
  readonly counts: BudCount;
}) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const { plant, variety, crop, day } = walked;
  const due = flowersDue(journal, { day, outing: outingOf(crop) });
  const others = (blooms: readonly { readonly plant: string }[]): number =>
    blooms.filter((each) => each.plant !== plant.plant && isOf(each.plant)).length;
  const isOf = (id: string): boolean => journal.all('plant').get(id)?.variety === variety.variety;
  const ears = others(due.females) + counts.female;
  const tassels = others(due.males) + counts.male;
  if (ears + tassels === 0) return null;
  return (
    <Text tone={tassels < ears ? 'rust' : 'soft'} live>
      {`${f.count(ears, 'ear is', 'ears are')} ready in all, ${f.count(tassels, 'tassel', 'tassels')} bagged for them.`}
    </Text>
  );
}
