import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Settings } from '@/data/device/settings';
import { canSpeak } from '@/data/device/speech';
import { canVibrate } from '@/data/device/vibration';
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
const BUTTONS = { usual: 'Usual', large: 'Large, for gloves' } as const;
const STOPS = { silent: 'Silent', aloud: 'Read aloud' } as const;
const ON_DONE = { vibrate: 'Vibrate', nothing: 'Nothing' } as const;

export function SettingsScreen() {
  const device = useDevice();
  const { store } = useGarden();
  const router = useRouter();
  const { theme, units, hours, largeButtons = false, speech = false, vibration = true } = device.settings;
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
        <View style={{ gap: SPACE.m }}>
          <Text variant="heading" level={2}>
            In the round
          </Text>
          <Choice
            label="Buttons"
            row
            value={largeButtons ? 'large' : 'usual'}
            options={optionsOf(BUTTONS)}
            onChange={(to) => set({ largeButtons: to === 'large' })}
          />
          {canSpeak() ? (
            <Choice
              label="Each stop"
              row
              value={speech ? 'aloud' : 'silent'}
              options={optionsOf(STOPS)}
              onChange={(to) => set({ speech: to === 'aloud' })}
            />
          ) : null}
          {canVibrate() ? (
            <Choice
              label="On Done"
              row
              value={vibration ? 'vibrate' : 'nothing'}
              options={optionsOf(ON_DONE)}
              onChange={(to) => set({ vibration: to === 'vibrate' })}
            />
          ) : null}
        </View>
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
