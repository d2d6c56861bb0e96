import { View } from 'react-native';
import { plantLabel } from '@/core/records/plantLabel';
import { malesFor, type PollenPlant } from '@/core/due/pollenFor';
import { useGarden } from '@/data/hooks/useGarden';
import { Text } from '@/ui/parts/Text';
import { TickButton } from '@/ui/parts/TickButton';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayMalesFor } from '../words/flowers';

interface PollenChoiceProps {
  readonly pollen: readonly PollenPlant[];
  /** The plant itself. */
  readonly own: string;
  readonly fathers: readonly string[];
  /** Is it pollen of no plant of the plan? */
  readonly elsewhere: boolean;
  /** Females to be pollinated, and how many of them one male can serve. */
  readonly females: number;
  readonly serves: number;
  readonly onChange: (source: { readonly fathers: readonly string[]; readonly elsewhere: boolean }) => void;
}

/** Whose pollen was used: tapped on and off. */
export function PollenChoice({
  pollen,
  own,
  fathers,
  elsewhere,
  females,
  serves,
  onChange,
}: PollenChoiceProps) {
  const { journal } = useGarden().store;
  const f = useFormat();
  const named = new Set(pollen.map(({ plant }) => plant));
  const all = [
    ...pollen,
    ...fathers.filter((plant) => !named.has(plant)).map((plant) => ({ plant, males: undefined, served: 0 })),
  ];
  const goes = malesFor(
    all.filter(({ plant }) => fathers.includes(plant)),
    females,
    serves,
  );
  return (
    <View role="group" aria-label="Pollen from" style={{ gap: SPACE.xs }}>
      <Text variant="strong">Pollen from</Text>
      {all.length === 0 ? <Text tone="soft">No other plant of its kind is on the plan.</Text> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        {all.map(({ plant, males }) => {
          const on = fathers.includes(plant);
          const name = plant === own ? 'This plant' : plantLabel(journal, plant);
          return (
            <TickButton
              key={plant}
              on={on}
              title={`${name}${males === undefined ? '' : `, ${f.number(males)} open`}`}
              label={`Pollen from ${name}${males === undefined ? '' : `, ${f.count(males, 'open male', 'open males')}`}`}
              onPress={() =>
                onChange({
                  elsewhere,
                  fathers: on ? fathers.filter((father) => father !== plant) : [...fathers, plant],
                })
              }
            />
          );
        })}
        <TickButton
          on={elsewhere}
          title="Somewhere else"
          label="Pollen from somewhere else"
          onPress={() => onChange({ fathers, elsewhere: !elsewhere })}
        />
      </View>
      {goes && goes.kind !== 'enough' ? <Text variant="small">{sayMalesFor(goes, f)}</Text> : null}
    </View>
  );
}
