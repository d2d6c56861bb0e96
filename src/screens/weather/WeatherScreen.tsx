import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { cropOf, type CropId } from '@/core/crops/catalogue';
import type { Journal } from '@/core/journal/journal';
import type { Garden } from '@/core/journal/state';
import { shelterOf } from '@/core/journal/underGlass';
import type { OpeningWindow } from '@/core/opening/openingWindow';
import { pollenTrouble, type PollenTrouble } from '@/core/opening/pollenTrouble';
import { airAt, weatherOn, type KnownWeather } from '@/core/opening/weatherOn';
import { windowsOf } from '@/core/opening/windowsOf';
import { outingStatesAt } from '@/core/today/outingStates';
import type { Reason } from '@/core/text/reason';
import { SEEN_HOURS } from '@/core/journal/kinds/weather';
import { dayAt, MS_PER_HOUR, toMs } from '@/core/time/calendar';
import type { DayWeather, RainAmount } from '@/core/weather/dayWeather';
import type { Day } from '@/core/time/types';
import { useStore } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useRecord } from '@/data/hooks/useRecord';
import { useView } from '@/data/hooks/useView';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { optionsOf } from '../words/options';
import { useCheckedForm } from '../forms/useCheckedForm';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { sayReason, type MorningReason } from '../words/reasons/morning';
import { StationPanel } from './StationPanel';

interface Typed {
  dawnC: string;
  maxC: string;
  rain: DayWeather['rain'];
}
type Checked = Omit<DayWeather, 'day'>;

const RAIN: Readonly<Record<RainAmount, string>> = { none: 'Dry', showers: 'Showers', long: 'Long rain' };

/** What the air does to one crop that is grown here. */
interface CropAir {
  readonly crop: CropId;
  /** The hour that the humidity is of, UTC milliseconds. */
  readonly at: number;
  readonly trouble: PollenTrouble;
  readonly reasons: readonly Reason<MorningReason>[];
}

interface WeatherView {
  readonly day: Day;
  readonly weather: KnownWeather | undefined;
  readonly windows: readonly OpeningWindow[];
  readonly air: readonly CropAir[];
}

/** Weather of the morning, by hand, from a station or a logger; why the hours are what they are, and what pollen suffers. */
export function WeatherScreen() {
  const now = useNow();
  const view = useView(
    'weather',
    [Math.floor(now / 60_000)],
    ({ store: { journal }, garden }): WeatherView => {
      const outing = outingStatesAt(journal, garden, now).about?.outing;
      const day = outing?.day ?? dayAt(now, garden.zone);
      const weather = weatherOn(journal, garden, day);
      const windows = [...(outing?.windows.values() ?? [])];
      return { day, weather, windows, air: airOfCrops(journal, garden, day, weather) };
    },
  );
  if (!view) return null;
  return <WeatherForm key={`${view.day} ${view.weather?.source}`} {...view} />;
}

function airOfCrops(
  journal: Journal,
  garden: Garden,
  day: Day,
  weather: KnownWeather | undefined,
): CropAir[] {
  const grown = new Set(Array.from(journal.all('variety').values(), ({ crop }) => crop));
  const crops = [...grown].filter((crop) => cropOf(crop).weather);
  return [...windowsOf(journal, garden, day, crops)].flatMap(([crop, { opens }]) => {
    const at = opens[1];
    const { trouble, reasons } = pollenTrouble(
      cropOf(crop).weather,
      airAt(weather, at, shelterOf(journal, crop) === 'glass'),
    );
    return reasons.length > 0 ? [{ crop, at, trouble, reasons }] : [];
  });
}

function WeatherForm({ day, weather, windows, air }: WeatherView) {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('weather', {
    dawnC: weather?.dawnC === undefined ? '' : f.typedTemperature(weather.dawnC),
    maxC: weather?.maxC === undefined ? '' : f.typedTemperature(weather.maxC),
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
      aside={<Consequences windows={windows} air={air} day={day} />}
    >
      <View style={{ gap: SPACE.m }}>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="dawnC" label={`At dawn, ${f.unit.temperature}`} numeric />
          <FormField control={control} name="maxC" label={`Highest, ${f.unit.temperature}`} numeric />
        </View>
        <FormChoice control={control} name="rain" label="Rain" options={optionsOf(RAIN)} row />
        <StationPanel day={day} weather={weather} />
        <ListRow
          title="Readings from a logger"
          note="Import the file of a weather logger: temperature, humidity, rain."
          onPress={() => router.push('/logger')}
        />
      </View>
    </Page>
  );
}

const FOUND: Readonly<Record<(typeof SEEN_HOURS)[number], string>> = {
  notYet: 'Not open yet',
  open: 'Open',
  shut: 'Shut again',
};

/** From this long before they may open until this long after all have shut a look says something. */
const WATCHED_MS = 2 * MS_PER_HOUR;

/** What one sees now moves the hours of the days to come. */
function FoundNow({ window, day }: { readonly window: OpeningWindow; readonly day: Day }) {
  const now = useNow();
  const record = useRecord();
  const { journal } = useStore();
  const f = useFormat();
  if (now < window.opens[0] - WATCHED_MS || now > window.shuts[1] + WATCHED_MS) return null;
  const { crop } = window;
  const notes =
    journal
      .all('hours')
      .get(crop)
      ?.seen.filter((each) => each.day === day) ?? [];
  const last = notes.at(-1);
  return (
    <View style={{ gap: SPACE.xs, marginTop: SPACE.xs }}>
      <View
        role="group"
        aria-label={`${cropOf(crop).name} now`}
        style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.s }}
      >
        <Text variant="small">You see them now:</Text>
        {SEEN_HOURS.map((seen) => (
          <Button
            key={seen}
            size="small"
            title={FOUND[seen]}
            label={`${cropOf(crop).name}: ${FOUND[seen].toLowerCase()}`}
            onPress={() => record([{ kind: 'hours.seen', body: { crop, day, seen } }])}
          />
        ))}
      </View>
      {last ? (
        <Text variant="small" tone="soft" live>
          {`Noted at ${f.time(toMs(last.at))}: ${FOUND[last.seen].toLowerCase()}.`}
        </Text>
      ) : null}
    </View>
  );
}

function Consequences({ windows, air, day }: Pick<WeatherView, 'windows' | 'air' | 'day'>) {
  const f = useFormat();
  return (
    <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
      <Text variant="heading" level={2}>
        Why these hours
      </Text>
      {windows.map((window) => (
        <View key={window.crop} style={{ marginBottom: SPACE.s }}>
          <Text variant="strong">
            {`${cropOf(window.crop).name}: ${f.time(window.opens[0])} to ${f.time(window.shuts[1])}, be done by ${f.time(window.lastSafe)}`}
          </Text>
          {window.reasons.map((reason) => (
            <Text key={reason.code} variant="small" tone="soft">
              {sayReason(reason, f)}
            </Text>
          ))}
          <FoundNow window={window} day={day} />
        </View>
      ))}
      {air.length > 0 ? (
        <Text variant="heading" level={2}>
          What the air does to pollen
        </Text>
      ) : null}
      {air.map(({ crop, at, trouble, reasons }) => (
        <View key={crop}>
          <Text variant="strong" tone={trouble === 'none' ? 'ink' : 'rust'}>
            {`${cropOf(crop).name}, at ${f.time(at)}`}
          </Text>
          {reasons.map((reason) => (
            <Text key={reason.code} variant="small" tone="soft">
              {sayReason(reason, f)}
            </Text>
          ))}
        </View>
      ))}
    </View>
  );
}
