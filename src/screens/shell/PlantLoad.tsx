import { wantsSeed } from '@/core/crops/variety';
import { isLoaded, plantLoads, setFactor } from '@/core/fruit/plantLoad';
import type { Plant, Variety } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';

interface PlantLoadProps {
  readonly plant: Pick<Plant, 'plant'>;
  readonly variety: Pick<Variety, 'purpose'>;
}

/** What a plant carries already, and what the next flower is worth because of it. */
export function PlantLoad({ plant: { plant }, variety }: PlantLoadProps) {
  const f = useFormat();
  const load = useView(
    'load',
    [plant],
    ({ store: { journal }, garden, now }) =>
      plantLoads(journal, garden, dayAt(now, garden.zone), new Set([plant])).get(plant) ?? null,
  );
  if (!load || load.growing === 0) return null;
  const fruits = f.count(load.growing, 'fruit grows', 'fruits grow');
  const forSeed = wantsSeed(variety.purpose);
  return (
    <Text
      variant="small"
      tone={forSeed && isLoaded(load) ? 'rust' : 'soft'}
      style={{ marginBottom: SPACE.xs }}
    >
      {!forSeed
        ? `${fruits} on it. Picked young and often, it goes on setting.`
        : isLoaded(load)
          ? `${fruits} on it: as many as it ripens for seed. Stop here; more will hardly set.`
          : `${fruits} on it, of about ${f.number(load.most)} that it ripens for seed. Of 10 that would set on an empty plant, about ${f.number(Math.round(10 * setFactor(load)))} do here.`}
    </Text>
  );
}
