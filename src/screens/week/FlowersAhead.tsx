import { useMemo } from 'react';
import { View } from 'react-native';
import type { Journal } from '@/core/journal/journal';
import type { Sex } from '@/core/journal/kinds/walk';
import type { Variety } from '@/core/journal/state';
import type { ExpectedFlowers, OpeningForecast, VarietyForecast } from '@/core/opening/forecastOpenings';
import type { OnlyMales } from '@/core/opening/onlyMales';
import type { Day } from '@/core/time/types';
import { daysAhead, type DayToCome } from '@/core/due/daysAhead';
import { setAhead, type SetAhead } from '@/core/due/setAhead';
import { dayAt } from '@/core/time/calendar';
import { cropOf, type Crop } from '@/core/crops/catalogue';
import { useGarden } from '@/data/hooks/useGarden';
import { FlowerDrawing } from '@/ui/flowers/FlowerDrawing';
import { looksOfVariety } from '@/ui/flowers/geometry/looks';
import { Text } from '@/ui/parts/Text';
import { SPACE, usePalette } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { sayOnlyMales } from '../words/flowers';
import { wordsOf } from '../words/forms/forms';
import { ROUND_NAMES } from '../words/outings';
import { sayOwnFigures } from '../words/ownFigures';
import { useForecast } from './useForecast';
import { useOnlyMales } from './useOnlyMales';

/** The flowers of the days to come by variety, and what they ask: people, and males that will be short. */
export function FlowersAhead() {
  const f = useFormat();
  const { store } = useGarden();
  const forecast = useForecast();
  const onlyMales = useOnlyMales();
  const { clock, described, journal } = store;
  const set = useMemo(
    () =>
      forecast && described
        ? setAhead(journal, described, dayAt(clock.now(), described.zone), forecast)
        : undefined,
    [clock, described, journal, forecast],
  );
  if (!forecast) return <Text tone="soft">Working out what opens when…</Text>;
  const seen = forecast.varieties.filter(
    ({ variety, plants, flowers }) =>
      plants.some(({ countedFor }) => countedFor) ||
      onlyMales?.has(variety) ||
      flowers.some(({ days }) => days.some(({ mean }) => mean >= 0.5)),
  );
  if (seen.length === 0)
    return (
      <Text tone="soft">
        Nothing to go by yet: count buds on an evening walk, and this tells what opens on the days after it.
      </Text>
    );
  const learnt = Math.max(...seen.map(({ learntFrom }) => learntFrom));
  return (
    <View style={{ gap: SPACE.l }}>
      <Asks forecast={forecast} />
      {seen.map((each) => (
        <OfVariety
          key={each.variety}
          forecast={each}
          onlyMales={onlyMales?.get(each.variety)}
          set={set?.get(each.variety)}
          days={forecast.days}
          journal={journal}
        />
      ))}
      <Text variant="small" tone="soft">
        {`Large: what to expect. Small: in four cases of five it is between these. From the buds you counted and how warm it is; ${
          learnt > 0
            ? `corrected by ${f.count(learnt, 'count', 'counts')} of your own.`
            : 'how long buds take here is not known yet, the usual is taken.'
        }`}
      </Text>
    </View>
  );
}

/** People needed, and males short, as far as any day asks for more than one person with enough males. */
function Asks({ forecast }: { readonly forecast: OpeningForecast }) {
  const f = useFormat();
  const { journal, described } = useGarden().store;
  const days = useMemo(
    () => (described ? daysAhead(journal, described, forecast) : []),
    [journal, described, forecast],
  );
  const lines = days.flatMap((day) => sayAsks(day, journal, f));
  return lines.length === 0 ? null : (
    <View role="list" aria-label="What these days ask">
      {lines.map((line) => (
        <View role="listitem" key={line}>
          <Text tone="rust">{line}</Text>
        </View>
      ))}
    </View>
  );
}

function sayAsks({ day, malesShort, outings }: DayToCome, journal: Journal, f: Format): string[] {
  const name = (variety: string): string => journal.all('variety').get(variety)?.name ?? '?';
  return [
    ...malesShort.map(
      ({ variety, short }) =>
        `${f.day(day)}: ${name(variety)} is likely short of ${f.count(short, 'male', 'males')}. Leave its males uncut until then, or plan fewer for each female.`,
    ),
    ...outings
      .filter(({ people }) => people > 1)
      .map(
        ({ outing, minutes, people }) =>
          `${f.day(day)}, ${ROUND_NAMES[outing].toLowerCase()}: about ${f.number(minutes)} minutes of work; ${f.number(people)} people get it done before the flowers shut.`,
      ),
  ];
}

interface OfVarietyProps {
  readonly forecast: VarietyForecast;
  readonly onlyMales: OnlyMales | undefined;
  readonly set: SetAhead | undefined;
  readonly days: readonly Day[];
  readonly journal: Journal;
}

function OfVariety({ forecast: { variety: id, flowers }, onlyMales, set, days, journal }: OfVarietyProps) {
  const f = useFormat();
  const variety = journal.all('variety').get(id);
  const { line } = usePalette();
  if (!variety) return null;
  return (
    <View>
      <Text variant="strong" level={3}>
        {variety.name}
      </Text>
      <View role="table" aria-label={`Flowers of ${variety.name} to expect`}>
        <View role="row" style={{ flexDirection: 'row', paddingLeft: ICON }}>
          {days.map((day) => (
            <View role="columnheader" key={day} style={{ flex: 1 }}>
              <Text variant="small" tone="soft" style={{ textAlign: 'center' }}>
                {f.weekday(day)}
              </Text>
            </View>
          ))}
        </View>
        {flowers.map((each) => (
          <View
            role="row"
            key={each.sex}
            style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderColor: line }}
          >
            <OfSex variety={variety} flowers={each} />
          </View>
        ))}
      </View>
      {set ? <Text variant="small">{saySetAhead(set, cropOf(variety.crop), f)}</Text> : null}
      {onlyMales ? <Text variant="small">{sayOnlyMales(onlyMales, f)}</Text> : null}
    </View>
  );
}

/** What the flowers of these days are worth. */
function saySetAhead(ahead: SetAhead, crop: Crop, f: Format): string {
  const { mean, low, high } = ahead.females;
  const bear = f.count(Math.round(mean), ...wordsOf(crop.flower).bearing);
  return `Of ${bear} on these days (${f.number(low)} to ${f.number(high)}) about ${f.number(Math.round(ahead.set))} will set if you work each: ${sayOwnFigures(ahead, f)}.`;
}

const ICON = 44;

interface OfSexProps {
  readonly variety: Variety;
  readonly flowers: ExpectedFlowers;
}

const SEX_NAMES: Readonly<Record<Sex, string>> = { female: 'Females', male: 'Males' };

function OfSex({ variety, flowers: { sex, days } }: OfSexProps) {
  const f = useFormat();
  const looks = looksOfVariety(variety, sex, 'open');
  return (
    <>
      <View
        role="rowheader"
        aria-label={SEX_NAMES[sex]}
        style={{ width: ICON, alignItems: 'center', paddingVertical: SPACE.xs }}
      >
        {looks ? <FlowerDrawing looks={looks} fit="own" size={48} /> : null}
      </View>
      {days.map(({ mean, low, high }, i) => (
        <View
          role="cell"
          key={i}
          aria-label={`about ${f.number(Math.round(mean))}, ${f.number(low)} to ${f.number(high)}`}
          style={{ flex: 1, alignItems: 'center' }}
        >
          <Text variant="strong">{f.number(Math.round(mean))}</Text>
          <Text variant="small" tone="soft">
            {low === high ? ' ' : `${f.number(low)}–${f.number(high)}`}
          </Text>
        </View>
      ))}
    </>
  );
}
