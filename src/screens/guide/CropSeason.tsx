import { useState } from 'react';
import { View } from 'react-native';
import type { Crop } from '@/core/crops/catalogue';
import type { Sowing } from '@/core/crops/variety';
import { usualSeason } from '@/core/guide/usualSeason';
import { SeasonChart } from '@/ui/charts/SeasonChart';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';
import { SOWING_NAMES } from '../words/garden';
import { sayMildDays, saySeasonStage } from '../words/guide';
import { STANDINGS } from '../words/guideFigures';
import { optionsOf } from '../words/options';
import { Section } from './Section';

/** What opens when, from sowing or planting out to ripe seed. */
export function CropSeason({ crop }: { readonly crop: Crop }) {
  const f = useFormat();
  const [how, setHow] = useState<Sowing['how']>('sown');
  const stages = usualSeason(crop, how);
  const days = ([from, to]: readonly [number, number]): string =>
    from === to ? f.number(from) : `${f.number(from)} to ${f.number(to)}`;
  return (
    <Section title="The season">
      <Choice<Sowing['how']>
        row
        label="Count days from when it is"
        value={how}
        options={optionsOf(SOWING_NAMES)}
        onChange={setHow}
      />
      <WithWidth>
        {(width) => (
          <SeasonChart
            width={width}
            bars={stages.map(({ stage, from, to }) => ({ name: saySeasonStage(stage, crop), from, to }))}
            dayName={(day) => (day === 0 ? 'day 0' : f.number(day))}
            label={`The season of ${crop.name}; the list has the same content`}
          />
        )}
      </WithWidth>
      <View role="list">
        {stages.map(({ stage, from, to, standing }) => (
          <View role="listitem" key={stage}>
            <Text variant="small">
              {`${saySeasonStage(stage, crop)}: from day ${days(from)} until day ${f.number(to)} (${STANDINGS[standing]})`}
            </Text>
          </View>
        ))}
      </View>
      <Text variant="small" tone="soft">
        {`Counted ${sayMildDays(f)}; cool days make it later, and frost ends it. For your own sowings see when it flowers, in the garden.`}
      </Text>
    </Section>
  );
}
