import { View } from 'react-native';
import type { Plant } from '@/core/journal/state';
import { useGarden } from '@/data/hooks/useGarden';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { isDoubtfulType, isSuspect } from '@/core/journal/plantCondition';
import { placeParts } from '../words/places';
import { PlantNotes, type PlantNotesProps } from './PlantNotes';

/** Which plant this is, to be read at arm's length, and what can be noted of it. */
export function PlantHeading({ plant, variety, onNoted }: PlantNotesProps) {
  const { journal } = useGarden().store;
  const { where, number } = placeParts(journal, plant);
  return (
    <View style={{ marginVertical: SPACE.s }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-start', gap: SPACE.s }}>
        <View role="heading" aria-level={1} style={{ flexGrow: 1, flexShrink: 1, flexBasis: 140 }}>
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
        <PlantNotes plant={plant} variety={variety} onNoted={onNoted} />
      </View>
      <PlantWarnings plant={plant} />
    </View>
  );
}

/** What was noted of the plant that matters to whoever stands at it. */
export function PlantWarnings({ plant }: { readonly plant: Plant | undefined }) {
  if (!plant) return null;
  return (
    <>
      {isSuspect(plant) ? (
        <Text variant="small" tone="rust">
          May be diseased: come here last, clean hands and blades after it, keep no seed of it.
        </Text>
      ) : null}
      {isDoubtfulType(plant) ? (
        <Text variant="small" tone="rust">
          In doubt whether it is true to its variety.
        </Text>
      ) : null}
    </>
  );
}
