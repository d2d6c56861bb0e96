import { View } from 'react-native';
import type { FruitGrowth } from '@/core/fruit/growth';
import { MM_PER_INCH } from '@/core/text/units';
import { GrowthChart } from '@/ui/charts/GrowthChart';
import { MM_PER_CM } from '@/ui/parts/rulerTicks';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';
import { sayGrowth } from '../words/growth';

const sizeOn = (sizes: FruitGrowth['sizes'], day: number, f: Format): string | undefined => {
  const found = sizes.find((each) => each.day === day);
  return found && f.size(found.mm);
};

interface HowItGrowsProps {
  readonly growth: FruitGrowth;
  /** Is it still there to be looked at? */
  readonly onPlant: boolean;
}

/** What was measured of a fruit, against the usual course of its crop. */
export function HowItGrows({ growth, onPlant }: HowItGrowsProps) {
  const f = useFormat();
  const { sizes, band, judged } = growth;
  const [lead, ...reasons] = sayGrowth(growth, { onPlant }, f);
  const isBad = judged?.state === 'stopped' || judged?.state === 'slow';
  return (
    <View style={{ marginTop: SPACE.l, gap: SPACE.xs }}>
      <Text variant="heading" level={2}>
        How it grows
      </Text>
      <Text variant="strong" tone={isBad ? 'rust' : undefined}>
        {lead}
      </Text>
      {reasons.map((text) => (
        <Text key={text}>{text}</Text>
      ))}
      <WithWidth ofColumn>
        {(width) => (
          <GrowthChart
            width={width}
            points={sizes}
            band={band}
            step={f.unit.length === 'm' ? MM_PER_CM : MM_PER_INCH}
            size={f.size}
            label="Its size by day"
            table={{
              head: ['Day', 'Measured', 'Usual, least', 'Usual, most'],
              rows: band.map(({ day, low, high }) => [
                f.number(day),
                sizeOn(sizes, day, f) ?? 'not measured',
                f.size(low),
                f.size(high),
              ]),
            }}
          />
        )}
      </WithWidth>
      <Text variant="small" tone="soft">
        Days after pollination. The band begins at its first size: how fruits of its crop grow, in the warmth
        there was; its width is our default.
      </Text>
    </View>
  );
}
