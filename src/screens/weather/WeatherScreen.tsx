import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { OpeningWindow } from '@/core/opening/openingWindow';
import { roundsAt } from '@/core/work/roundsNow';
import { dayAt } from '@/core/time/calendar';
import type { DayWeather, RainAmount } from '@/core/weather/dayWeather';
import type { Day } from '@/core/time/types';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { optionsOf } from '../words/options';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { sayReason } from '../words/reasons/morning';
import { shortSpecies } from '../words/names';

interface Typed {
  dawnC: string;
  maxC: string;
  rain: DayWeather['rain'];
}
type Checked = Omit<DayWeather, 'day'>;

const RAIN: Readonly<Record<RainAmount, string>> = { none: 'Dry', showers: 'Showers', long: 'Long rain' };

/** Weather of the morning, entered by hand; and why the opening hours are what they are. */
export function WeatherScreen() {
  const now = useNow();
  const view = useView('weather', [Math.floor(now / 60_000)], ({ store: { journal }, garden }) => {
    const outing = roundsAt(journal, garden, now).about?.outing;
    const day = outing?.day ?? dayAt(now, garden.zone);
    const weather = journal.all('weather').get(day);
    return { day, weather, windows: [...(outing?.windows.values() ?? [])] };
  });
  if (!view) return null;
  return <WeatherForm key={view.day} {...view} />;
}

interface WeatherFormProps {
  readonly day: Day;
  readonly weather: DayWeather | undefined;
  readonly windows: readonly OpeningWindow[];
}

function WeatherForm({ day, weather, windows }: WeatherFormProps) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('weather', {
    dawnC: weather ? f.typedTemperature(weather.dawnC) : '',
    maxC: weather ? f.typedTemperature(weather.maxC) : '',
    rain: weather?.rain ?? 'none',
  });
  const save = handleSubmit(({ dawnC, maxC, rain }) => {
    record([{ kind: 'weather.noted', body: { day, dawnC, maxC, rain } }]);
    router.replace('/');
  });
  return (
    <Page
      title={`Weather, ${f.shortDay(day)}`}
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
      aside={
        <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
          <Text variant="heading" level={2}>
            Why these hours
          </Text>
          {windows.map((window) => (
            <View key={window.crop}>
              <Text variant="strong">
                {`${shortSpecies(window.crop)}: ${f.time(window.opens[0])} to ${f.time(window.shuts[1])}, be done by ${f.time(window.lastSafe)}`}
              </Text>
              {window.reasons.map((reason) => (
                <Text key={reason.code} variant="small" tone="soft">
                  {sayReason(reason, f)}
                </Text>
              ))}
            </View>
          ))}
        </View>
      }
    >
      <View style={{ gap: SPACE.m }}>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="dawnC" label={`At dawn, ${f.unit.temperature}`} numeric />
          <FormField control={control} name="maxC" label={`Highest, ${f.unit.temperature}`} numeric />
        </View>
        <FormChoice control={control} name="rain" label="Rain" options={optionsOf(RAIN)} row />
      </View>
    </Page>
  );
}
