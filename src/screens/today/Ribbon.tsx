import { useDeferredValue } from 'react';
import { View } from 'react-native';
import { cropOf, type Crop } from '@/core/crops/catalogue';
import type { OutingNow } from '@/core/due/outings';
import type { Today } from '@/core/today/today';
import { atClock, MS_PER_HOUR } from '@/core/time/calendar';
import { worthByTime } from '@/core/opening/worth';
import { useGarden } from '@/data/hooks/useGarden';
import { MorningRibbon, type MorningRibbonProps } from '@/ui/charts/MorningRibbon';
import { ribbonHeight, type RibbonPetal } from '@/ui/charts/ribbon';
import { Text } from '@/ui/parts/Text';
import { PAGE_WIDTH, SPACE, usePalette } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { WithWidth } from '../shell/WithWidth';

/** Chance to set of a crop that is drawn at full thickness. */
const MILD = 0.65;

/** Where the band of hours will be. */
export function RibbonGround() {
  const { wash } = usePalette();
  return (
    <View
      style={{
        height: 170,
        maxWidth: PAGE_WIDTH,
        marginTop: SPACE.m,
        marginHorizontal: -SPACE.l,
        backgroundColor: wash,
      }}
    />
  );
}

/** What everybody calls it first; of squash the epithet tells which. */
const petalName = ({ name, species }: Crop): string =>
  name.endsWith(' squash') ? `Squash, ${species.split(' ')[1]}` : name;

/** The morning that comes next, as a band of hours. */
export function Ribbon({ today, now }: { readonly today: Today; readonly now: number }) {
  const f = useFormat();
  const { store } = useGarden();
  const zone = store.described?.zone ?? 'UTC';
  const { about } = today;
  // What is tapped next does not wait for the drawing; its place is kept.
  const drawn = useDeferredValue(true, false);
  const windows = [...(about?.windows.values() ?? [])];
  if (!about || windows.length === 0) {
    return (
      <Text tone="soft" style={{ paddingHorizontal: SPACE.l }}>
        {about
          ? 'The sun does not rise or does not set here on this day, so opening hours cannot be calculated from it. Watch the flowers: what you see open can be noted at any hour.'
          : 'Nothing that you cover and pollinate grows here, so there are no hours to show.'}
      </Text>
    );
  }
  if (!drawn) return <View style={{ height: ribbonHeight(windows.length) }} />;
  const midnight = atClock(about.day, 0, zone);
  const hourOf = (ms: number): number => (ms - midnight) / MS_PER_HOUR;
  const from = Math.floor(Math.min(...windows.map((window) => hourOf(window.opens[0]))) - 0.5);
  const to = Math.ceil(Math.max(...windows.map((window) => hourOf(window.shuts[1]))) + 0.5);
  const petals = windows.map((window, i): RibbonPetal => ({
    name: petalName(cropOf(window.crop)),
    points: worthByTime(window).map(({ ms, worth }) => ({
      hour: hourOf(ms),
      worth: worth * ((cropOf(window.crop).setPrior?.value ?? MILD) / MILD),
    })),
    first: i === 0,
  }));
  const present = hourOf(now);
  const flying = windows.flatMap((window) => window.insects ?? []);
  return (
    <WithWidth>
      {(width) => (
        <MorningRibbon
          width={width}
          from={from}
          to={to}
          petals={petals}
          sunrise={hourOf(windows[0]!.sunrise)}
          insects={flying.length > 0 ? hourOf(Math.min(...flying)) : undefined}
          insectsLabel="insects fly"
          now={present >= from && present <= to ? present : undefined}
          hourName={f.hour}
          rain={today.weather?.rain === 'long'}
          label={sayRibbon(about, f)}
          table={tableOf(about, f)}
        />
      )}
    </WithWidth>
  );
}

function sayRibbon({ day, windows }: OutingNow, f: Format): string {
  const [first] = windows.values();
  if (!first) return `${f.day(day)}.`;
  const insects = first.insects === undefined ? '' : `, insects from ${f.time(first.insects)}`;
  return `${f.day(day)}. Sunrise ${f.time(first.sunrise)}${insects}.`;
}

const tableOf = ({ windows }: OutingNow, f: Format): MorningRibbonProps['table'] => ({
  head: ['Crop', 'Opens from', 'Be done by', 'Shut by'],
  rows: [...windows.values()].map(({ crop, opens, lastSafe, shuts }) => [
    cropOf(crop).name,
    f.time(opens[0]),
    f.time(lastSafe),
    f.time(shuts[1]),
  ]),
});
