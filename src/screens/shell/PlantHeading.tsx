import { View } from 'react-native';
import type { Plant, Variety } from '@/core/journal/state';
import { useGarden } from '@/data/hooks/useGarden';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { placeParts } from '../words/places';

/** Which plant this is, to be read at arm's length. */
export function PlantHeading({
  plant,
  variety,
}: {
  readonly plant: Plant;
  readonly variety: Variety | undefined;
}) {
  const { journal } = useGarden().store;
  const { where, number } = placeParts(journal, plant);
  return (
    <View role="heading" aria-level={1} style={{ marginVertical: SPACE.s }}>
      <Text tone="soft">{where}</Text>
      <View style={{ flexDirection: 'row', alignItems: 'flex-end', flexWrap: 'wrap', gap: SPACE.m }}>
        <Text variant="huge" style={{ fontSize: 64, lineHeight: 64 }}>
          {number}
        </Text>
        <Text variant="heading" style={{ marginBottom: SPACE.s, flexShrink: 1 }}>
          {variety?.name ?? ''}
        </Text>
      </View>
    </View>
  );
}
