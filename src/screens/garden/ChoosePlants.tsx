import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { TickButton } from '@/ui/parts/TickButton';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';

/** A plant and how it is called. */
export interface NamedPlant {
  readonly value: string;
  readonly title: string;
}

interface ChoosePlantsProps {
  readonly label: string;
  /** What it means that none is chosen. */
  readonly any: string;
  readonly plants: readonly NamedPlant[];
  readonly chosen: readonly string[];
  readonly onChange: (chosen: readonly string[]) => void;
}

/** As many as are drawn at once, besides those chosen. */
const AT_ONCE = 24;

/** Some plants of a variety, tapped on and off; none of them means any. */
export function ChoosePlants({ label, any, plants, chosen, onChange }: ChoosePlantsProps) {
  const f = useFormat();
  const [shown, setShown] = useState(AT_ONCE);
  const isChosen = new Set(chosen);
  const drawn = plants.filter(({ value }, i) => i < shown || isChosen.has(value));
  const more = plants.length - drawn.length;
  return (
    <View role="group" aria-label={label} style={{ gap: SPACE.xs }}>
      <Text variant="strong">{label}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <TickButton title={any} on={chosen.length === 0} onPress={() => onChange([])} />
        {drawn.map(({ value, title }) => {
          const on = isChosen.has(value);
          return (
            <TickButton
              key={value}
              title={title}
              on={on}
              onPress={() => onChange(on ? chosen.filter((each) => each !== value) : [...chosen, value])}
            />
          );
        })}
        {more > 0 ? (
          <Button
            variant="quiet"
            title={`${f.number(more)} more`}
            label={`Show ${f.number(more)} more plants`}
            onPress={() => setShown(shown + AT_ONCE * 4)}
          />
        ) : null}
      </View>
    </View>
  );
}
