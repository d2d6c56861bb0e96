import { View } from 'react-native';
import type { VarietyBlossoms } from '@/core/blossoms/surplus';
import { plantLabel } from '@/core/records/plantLabel';
import { useStore } from '@/data/hooks/useGarden';
import { LongList } from '@/ui/parts/LongList';
import { Stepper } from '@/ui/parts/Stepper';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayBlossoms } from '../words/blossoms';

/** Put right by plant, where it is not as listed. */
export type Picked = ReadonlyMap<string, number>;

/** Of a plant with its buttons, px. */
const ROW_HEIGHT = 89;

interface VarietyPicksProps {
  readonly view: VarietyBlossoms;
  readonly picked: Picked;
  readonly onChange: (plant: string, count: number) => void;
}

/** Of a variety: how many at each plant. */
export function VarietyPicks({ view, picked, onChange }: VarietyPicksProps) {
  const f = useFormat();
  const { journal } = useStore();
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        {view.variety.name}
      </Text>
      <Text>{sayBlossoms(view, f)}</Text>
      <LongList
        items={view.plants.filter(({ pick }) => pick > 0)}
        keyOf={({ plant: { plant } }) => plant}
        rowHeight={ROW_HEIGHT}
      >
        {({ plant: { plant }, pick, males }) => {
          const label = plantLabel(journal, plant);
          return (
            <Stepper
              label={`${label}: ${f.number(pick)} of ${f.number(males)}`}
              value={Math.min(picked.get(plant) ?? pick, pick)}
              most={pick}
              lessLabel={`One less of ${label}`}
              moreLabel={`One more of ${label}`}
              onChange={(count) => onChange(plant, count)}
            />
          );
        }}
      </LongList>
    </View>
  );
}
