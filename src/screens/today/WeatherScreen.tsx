import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { servedAt, type Served } from '@/core/tasks/today';
import type { WeatherNote } from '@/core/journal/state';
import { useNow, useRecord, useView } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { optionsOf } from '../words/options';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format';
import { Page } from '../shell/Page';
import { sayReason } from '../words/reasons';
import { shortSpecies } from '../words/names';

interface Typed {
  dawnC: string;
  maxC: string;
  rain: WeatherNote['rain'];
}
type Checked = Omit<WeatherNote, 'day'>;

const RAIN = { none: 'Dry', showers: 'Showers', long: 'Long rain' } as const;

/** Weather of the morning, by hand; and why the opening hours are what they are. */
export function WeatherScreen() {
  const now = useNow();
  const view = useView('weather', [Math.floor(now / 60_000)], ({ store: { journal }, garden }) => {
    return servedAt(journal, garden, now);
  });
  if (!view) return null;
  return <WeatherForm key={view.morning} {...view} />;
}

function WeatherForm({ morning, weather, windows }: Served) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('weather', {
    dawnC: weather ? f.typedTemperature(weather.dawnC) : '',
    maxC: weather ? f.typedTemperature(weather.maxC) : '',
    rain: weather?.rain ?? 'none',
  });
  const save = handleSubmit(({ dawnC, maxC, rain }) => {
    record([{ kind: 'weather.noted', body: { day: morning, dawnC, maxC, rain } }]);
    router.replace('/');
  });
  return (
    <Page
      title={`Weather, ${f.shortDay(morning)}`}
      foot={<Action kind="main" size="big" title="Keep" onPress={() => void save()} />}
      aside={
        <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
          <Words kind="heading" level={2}>
            Why these hours
          </Words>
          {[...windows.values()].map((window) => (
            <View key={window.crop}>
              <Words kind="strong">
                {`${shortSpecies(window.crop)}: ${f.time(window.opens[0])} to ${f.time(window.shuts[1])}, be done by ${f.time(window.lastSafe)}`}
              </Words>
              {window.reasons.map((reason) => (
                <Words key={reason.code} kind="small" tone="soft">
                  {sayReason(reason, f)}
                </Words>
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
