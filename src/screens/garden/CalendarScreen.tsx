import { useState } from 'react';
import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { FloweringSpan } from '@/core/crossing/isolation';
import { temperaturesAt, type VarietyReport } from '@/core/plan/gardenPlan';
import { seasonAt } from '@/core/fruit/fruits';
import { ownDegreeDays } from '@/core/season/flowering';
import { sowingDay, type Wish } from '@/core/season/sowingDay';
import { addDays, daysBetween } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/provider';
import { FlowerCalendar, type FlowerBar } from '@/ui/charts/FlowerCalendar';
import { Choice } from '@/ui/parts/Choice';
import { Line } from '@/ui/parts/Line';
import { Stepper } from '@/ui/parts/Stepper';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat, type Format } from '../format';
import { Measured } from '../shell/Measured';
import { Page } from '../shell/Page';
import { sayGardenReason } from '../words/gardenReasons';
import { GardenTabs } from './GardenTabs';
import { usePlan, type PlanOfGarden } from './usePlan';

/** Something that flowers: a variety, or a source beyond the garden that is known to. */
interface Flowering {
  readonly id: string;
  readonly name: string;
  readonly group: string;
  readonly span: FloweringSpan;
  readonly seen: boolean;
}

/** When each variety flowers, what flowers with it that crosses, and when to sow so that it does or does not. */
export function CalendarScreen() {
  const f = useFormat();
  const view = usePlan();
  if (!view) return null;
  const flowering = floweringOf(view);
  const ordered = flowering.flatMap(({ id }) => view.reports.filter(({ variety }) => variety.variety === id));
  const unknown = view.reports.filter(({ flowering: known }) => !known);
  return (
    <Page title="When it flowers" aside={<Sow view={view} flowering={flowering} f={f} />}>
      <GardenTabs here="/garden/calendar" />
      {flowering.length > 0 ? (
        <Measured>{(width) => <Bars view={view} flowering={flowering} width={width} f={f} />}</Measured>
      ) : (
        <Words>Nothing is known yet of when anything flowers. Say of a variety when it was sown.</Words>
      )}
      <Words kind="small" tone="soft" style={{ marginTop: SPACE.s }}>
        Filled bars were seen in flower, dashed ones are reckoned. Hatched days are those on which something
        it crosses with flowers too.
      </Words>
      <View style={{ marginTop: SPACE.m }}>
        {ordered.flatMap(({ variety, flowering: known }) =>
          known
            ? [
                <Line
                  key={variety.variety}
                  title={variety.name}
                  note={`${f.day(known.first)} to ${f.day(known.last)}. ${known.reasons.map((each) => sayGardenReason(each, f)).join(' ')}`}
                />,
              ]
            : [],
        )}
        {unknown.map(({ variety }) => (
          <Line
            key={variety.variety}
            title={variety.name}
            note="Not known: say when it was sown or planted out."
          />
        ))}
      </View>
    </Page>
  );
}

/** All that is known to flower, what crosses side by side. */
function floweringOf({ reports, outside }: PlanOfGarden): Flowering[] {
  const own = reports.flatMap(({ variety, flowering }: VarietyReport): Flowering[] =>
    flowering
      ? [
          {
            id: variety.variety,
            name: variety.name,
            group: cropOf(variety.crop).group,
            span: [flowering.first, flowering.last],
            seen: flowering.by === 'seen',
          },
        ]
      : [],
  );
  const beyond = outside.flatMap(({ source, name, crop, flowering }): Flowering[] =>
    flowering
      ? [{ id: source, name, group: cropOf(crop).group, span: [flowering.from, flowering.to], seen: true }]
      : [],
  );
  const groups = [...new Set([...own, ...beyond].map(({ group }) => group))];
  return [...own, ...beyond].sort(
    (a, b) => groups.indexOf(a.group) - groups.indexOf(b.group) || (a.span[0] < b.span[0] ? -1 : 1),
  );
}

interface BarsProps {
  readonly view: PlanOfGarden;
  readonly flowering: readonly Flowering[];
  readonly width: number;
  readonly f: Format;
}

function Bars({ view, flowering, width, f }: BarsProps) {
  const begin = `${[...flowering.map(({ span }) => span[0])].sort()[0]!.slice(0, 7)}-01`;
  const end = addDays([...flowering.map(({ span }) => span[1])].sort().at(-1)!, 3);
  const at = (day: Day): number => daysBetween(begin, day);
  const bars = flowering.map((one): FlowerBar => ({
    id: one.id,
    name: one.name,
    from: at(one.span[0]),
    to: at(one.span[1]),
    seen: one.seen,
    shared: flowering.flatMap((other): (readonly [number, number])[] => {
      if (other.id === one.id || other.group !== one.group) return [];
      const from = Math.max(at(one.span[0]), at(other.span[0]));
      const to = Math.min(at(one.span[1]), at(other.span[1]));
      return from <= to ? [[from, to]] : [];
    }),
  }));
  const days = at(end) + 1;
  return (
    <FlowerCalendar
      width={width}
      days={days}
      bars={bars}
      months={monthsWithin(begin, end).map((day) => ({
        day: at(day),
        name: f.shortDay(day).replace(/\d+\s?/, ''),
      }))}
      {...(view.today >= begin && view.today <= end && { today: at(view.today) })}
      label="Calendar of flowering; the list says the same"
    />
  );
}

function monthsWithin(begin: Day, end: Day): Day[] {
  const months: Day[] = [];
  for (let day = begin; day <= end; day = addDays(day, 1)) if (day.endsWith('-01')) months.push(day);
  return months;
}

const WISHES: readonly { readonly value: Wish; readonly title: string }[] = [
  { value: 'together', title: 'With it, for a cross' },
  { value: 'after', title: 'After it' },
  { value: 'before', title: 'Before it' },
];

const [uniform, landrace] = cropOf('corn').timeApart!.value;

/** When to sow one so that it flowers with another, or apart from it. */
function Sow({ view, flowering, f }: Omit<BarsProps, 'width'>) {
  const { store } = useGarden();
  const varieties = view.reports.map(({ variety }) => variety);
  const [id, setId] = useState<string>();
  const [otherId, setOther] = useState<string>();
  const [wish, setWish] = useState<Wish>('after');
  const [apart, setApart] = useState(uniform);
  const variety = varieties.find((each) => each.variety === id);
  const others = flowering.filter(
    (each) => variety && each.id !== id && each.group === cropOf(variety.crop).group,
  );
  const other = others.find((each) => each.id === otherId);
  const garden = store.described;
  if (!garden) return null;
  const named = seasonAt(store.journal, view.today);
  const begin = named.season === '' ? `${view.today.slice(0, 4)}-01-01` : addDays(named.from, -60);
  const temperatures = temperaturesAt(store.journal, garden);
  // What this variety took this year foretells its other sowings.
  const own = variety && ownDegreeDays({ ...variety, ...seenOf(view, variety.variety) }, temperatures);
  const found =
    variety && other
      ? sowingDay(
          {
            variety: {
              crop: variety.crop,
              ...(variety.daysToFlower !== undefined && { daysToFlower: variety.daysToFlower }),
              ...(own !== undefined && { ownDegreeDays: own }),
            },
            other: other.span,
            wish,
            daysApart: wish === 'together' ? 0 : apart,
            within: [begin, addDays(begin, 300)],
          },
          temperatures,
        )
      : undefined;
  const candidates = varieties.filter(({ crop, variety: own }) =>
    flowering.some((each) => each.id !== own && each.group === cropOf(crop).group),
  );
  return (
    <View style={{ gap: SPACE.m, marginTop: SPACE.l }}>
      <Words kind="heading" level={2}>
        When to sow
      </Words>
      {candidates.length === 0 ? (
        <Words tone="soft">Two that cross, and one of them known to flower, are needed for this.</Words>
      ) : (
        <>
          <Choice
            label="Which is to be sown"
            options={candidates.map(({ variety: value, name }) => ({ value, title: name }))}
            value={id}
            onChange={(next) => {
              setId(next);
              setOther(undefined);
            }}
          />
          {variety ? (
            <Choice
              label="Beside which"
              options={others.map(({ id: value, name, span }) => ({
                value,
                title: name,
                note: `${f.shortDay(span[0])} to ${f.shortDay(span[1])}`,
              }))}
              value={otherId}
              onChange={setOther}
            />
          ) : null}
          {other ? (
            <Choice label="It should flower" options={WISHES} value={wish} onChange={setWish} row />
          ) : null}
          {other && wish !== 'together' ? (
            <Stepper
              label="Days between"
              value={apart}
              onChange={setApart}
              most={60}
              lessLabel="One day less"
              moreLabel="One day more"
            />
          ) : null}
          {variety && other ? (
            <Words kind="strong" live>
              {found
                ? `Sow ${variety.name} on ${f.day(found.day)}: it flowers from ${f.day(found.first)} to ${f.day(found.last)}.`
                : `No sowing of this season will do: too cold, or too short.`}
            </Words>
          ) : null}
          <Words kind="small" tone="soft">
            Reckoned by warmth. In a cool spring sowings catch up with each other, so more days lie between
            them than between their flowers. For corn {uniform} days suit uniform varieties, {landrace} or
            more a landrace; watch the first silk, not the calendar.
          </Words>
        </>
      )}
    </View>
  );
}

/** The first flower of a variety, if it was seen. */
function seenOf({ reports }: PlanOfGarden, id: string): { firstFlower?: Day } {
  const flowering = reports.find(({ variety }) => variety.variety === id)?.flowering;
  return flowering?.by === 'seen' ? { firstFlower: flowering.first } : {};
}
