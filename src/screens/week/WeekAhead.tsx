import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { placesOfEach } from '@/core/garden/places';
import { dayAt } from '@/core/time/calendar';
import { weekAhead, type DayAhead } from '@/core/due/weekAhead';
import { useView } from '@/data/hooks/useView';
import { PlanStrip } from '@/ui/charts/PlanStrip';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';
import { FlowersAhead } from './FlowersAhead';
import { ROUND_NAMES } from '../words/outings';
import { sayTemperatures } from '../words/temperatures';

/** On a wide screen: the days that follow, and the garden. */
export function WeekAhead() {
  const f = useFormat();
  const router = useRouter();
  const view = useView('week-ahead', [], ({ store: { journal }, garden, now }) => {
    const beds = journal.all('bed');
    const plants = [...journal.all('plant').values()].filter(({ removed }) => !removed);
    return {
      days: weekAhead(journal, garden, dayAt(now, garden.zone)),
      beds: [...beds.values()].map(({ bed, ...rest }) => ({ id: bed, ...rest })),
      places: [...placesOfEach(plants, beds).values()].flat(),
    };
  });
  if (!view) return null;
  return (
    <View style={{ gap: SPACE.m, marginTop: SPACE.l }}>
      <View>
        <Text variant="heading" level={2}>
          The week ahead
        </Text>
        {view.days.map((day) => (
          <ListRow key={day.day} title={f.day(day.day)} note={sayDay(day, f)} />
        ))}
      </View>
      <View>
        <Text variant="heading" level={2}>
          Flowers to expect
        </Text>
        <FlowersAhead />
      </View>
      <View style={{ gap: SPACE.s }}>
        <WithWidth>
          {(width) => (
            <PlanStrip
              width={width}
              maxHeight={300}
              beds={view.beds}
              plants={view.places}
              label="The garden’s beds and plants on the plan"
            />
          )}
        </WithWidth>
        <Button variant="quiet" title="To the garden" onPress={() => router.push('/garden')} />
      </View>
    </View>
  );
}

function sayDay({ outings, flowers, looks, weather }: DayAhead, f: Format): string {
  return [
    ...outings.map(
      ({ outing, opens, lastSafe }) => `${ROUND_NAMES[outing]} ${f.time(opens)} to ${f.time(lastSafe)}`,
    ),
    ...(flowers > 0 ? [f.count(flowers, 'flower known', 'flowers known')] : []),
    ...(looks > 0 ? [f.count(looks, 'fruit to look at', 'fruits to look at')] : []),
    ...(weather ? [sayTemperatures(weather, f)] : []),
  ].join(' · ');
}
