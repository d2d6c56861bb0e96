import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Settings } from '@/data/device/settings';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { Choice } from '@/ui/parts/Choice';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { optionsOf } from '../words/options';
import { Page } from '../shell/Page';

const THEMES = { auto: 'As the device', day: 'Day', night: 'Night' } as const;
const UNITS = { metric: 'Metres, °C', imperial: 'Feet, °F' } as const;
const HOURS = { auto: 'As the device', h24: '24 hours', h12: '12 hours' } as const;

export function SettingsScreen() {
  const device = useDevice();
  const { store } = useGarden();
  const router = useRouter();
  const { theme, units, hours } = device.settings;
  const set = (change: Partial<Settings>): void =>
    void device.setSettings(change).catch(() => router.push('/more/files'));
  const garden = store.described;
  return (
    <Page title="Settings">
      <View style={{ gap: SPACE.l }}>
        <Choice
          label="Look"
          row
          value={theme}
          options={optionsOf(THEMES)}
          onChange={(to) => set({ theme: to })}
        />
        <Choice
          label="Units"
          row
          value={units}
          options={optionsOf(UNITS)}
          onChange={(to) => set({ units: to })}
        />
        <Choice
          label="Clock"
          row
          value={hours}
          options={optionsOf(HOURS)}
          onChange={(to) => set({ hours: to })}
        />
        <View>
          <Text variant="strong">This device</Text>
          <Text>{`Its tags begin with ${store.tags.letter}. No other device of this garden has that letter.`}</Text>
        </View>
        {garden ? (
          <View>
            <Text variant="strong">This garden</Text>
            <Text>{`${garden.name}: ${garden.latitude}, ${garden.longitude}, ${garden.zone}`}</Text>
          </View>
        ) : null}
      </View>
    </Page>
  );
}
