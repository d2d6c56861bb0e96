import { outingOf } from '@/core/crops/outing';
import type { BudCount } from '@/core/journal/kinds/walk';
import { flowersDue } from '@/core/due/flowersDue';
import type { WalkedPlant } from '@/core/due/outings';
import { useGarden } from '@/data/hooks/useGarden';
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
