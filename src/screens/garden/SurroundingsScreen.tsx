import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Climate } from '@/core/weather/climate';
import type { Ground } from '@/core/garden/surroundings';
import type { Day } from '@/core/time/types';
import { climateAt } from '@/core/weather/climate';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormDay, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { GROUND_NAMES } from '../words/garden';
import { optionsOf } from '../words/options';

type Frosts = 'earlyFrost' | 'lateFrost';
type Typed = Record<keyof Climate | Frosts, string> & { ground: Ground };
type Checked = Partial<Climate> & Partial<Record<Frosts, Day>> & { ground: Ground };

/** The land around and its climate: how far pollen travels, and when things flower. */
export function SurroundingsScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { store } = useGarden();
  const held = store.journal.all('surroundings').get('');
  const climate = held?.climate;
  const typed = (value: number | undefined): string => (value === undefined ? '' : f.typedTemperature(value));
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('surroundings', {
    ground: held?.ground ?? 'mixed',
    coldMin: typed(climate?.coldMin),
    coldMax: typed(climate?.coldMax),
    warmMin: typed(climate?.warmMin),
    warmMax: typed(climate?.warmMax),
    earlyFrost: held?.earlyFrost ?? '',
    lateFrost: held?.lateFrost ?? '',
  });
  const save = handleSubmit(({ ground, coldMin, coldMax, warmMin, warmMax, earlyFrost, lateFrost }) => {
    const known =
      coldMin !== undefined && coldMax !== undefined && warmMin !== undefined && warmMax !== undefined;
    record([
      {
        kind: 'surroundings.described',
        body: {
          ground,
          ...(known && { climate: { coldMin, coldMax, warmMin, warmMax } }),
          ...(earlyFrost !== undefined && { earlyFrost }),
          ...(lateFrost !== undefined && { lateFrost }),
        },
      },
    ]);
    router.replace('/garden/crossing');
  });
  const guess = climateAt(store.described?.latitude ?? 50);
  return (
    <Page
      title="The land around"
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <FormChoice
          control={control}
          name="ground"
          label="How open is it?"
          options={optionsOf(GROUND_NAMES)}
        />
        <Text variant="heading" level={2}>
          Its climate
        </Text>
        <Text tone="soft">
          {`Used to estimate when things flower. Give all four, or none: then only your latitude counts, ${f.temperature(guess.coldMin)} to ${f.temperature(guess.coldMax)} in the coldest month and ${f.temperature(guess.warmMin)} to ${f.temperature(guess.warmMax)} in the warmest. Weather you note each morning takes precedence.`}
        </Text>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField
            control={control}
            name="coldMin"
            label={`Coldest month, nights ${f.unit.temperature}`}
            numeric
          />
          <FormField control={control} name="coldMax" label={`and days ${f.unit.temperature}`} numeric />
        </View>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField
            control={control}
            name="warmMin"
            label={`Warmest month, nights ${f.unit.temperature}`}
            numeric
          />
          <FormField control={control} name="warmMax" label={`and its days ${f.unit.temperature}`} numeric />
        </View>
        <Text variant="heading" level={2}>
          Frost
        </Text>
        <Text tone="soft">
          Latitude does not tell it: ask neighbours, an allotment society or the weather service. The year
          does not matter; leave empty what you do not know.
        </Text>
        <FormDay
          control={control}
          name="lateFrost"
          label="Last frost, as late as in one year of ten"
          note="It says when to sow and to plant out."
        />
        <FormDay
          control={control}
          name="earlyFrost"
          label="First frost, as early as in one year of ten"
          note="It says until when pollinating is worth while."
        />
      </View>
    </Page>
  );
}
