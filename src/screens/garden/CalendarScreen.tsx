import { View } from 'react-native';
import { floweringsOf, sharedSpans, type Flowering } from '@/core/planning/floweringPlan';
import type { PlannedVariety } from '@/core/planning/gardenPlan';
import { addDays, daysBetween } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import type { FlowerBar } from '@/ui/charts/calendar';
import { FlowerCalendar } from '@/ui/charts/FlowerCalendar';
import { ListRow } from '@/ui/parts/ListRow';
import { LongList } from '@/ui/parts/LongList';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { Later } from '@/ui/parts/Later';
import { PlantFirst } from '../shell/PlantFirst';
import { Page } from '../shell/Page';
import { WithWidth } from '../shell/WithWidth';
import { plantingName } from '../words/garden';
import { sayGardenReason } from '../words/reasons/garden';
import { GardenTabs } from './GardenTabs';
import { SowingAdvice } from './SowingAdvice';
import { usePlan, type PlanOfGarden } from './usePlan';

/** Of a variety with two lines of why, px. */
const ROW_HEIGHT = 96;

/** When each variety flowers, what flowers with it that crosses, and when to sow so that it does or does not. */
export function CalendarScreen() {
  const f = useFormat();
  const view = usePlan();
  if (!view) return null;
  const flowering = floweringsOf(view.varieties, view.outside);
  const byPlanting = new Map(view.varieties.map((planned) => [planned.planting, planned]));
  const ordered = flowering.flatMap(({ id }) => byPlanting.get(id) ?? []);
  const unknown = view.varieties.filter(({ flowering: known }) => !known);
  return (
    <Page
      title="When it flowers"
      ofAllYears
      aside={
        <Later>
          {() => <SowingAdvice varieties={view.varieties} today={view.today} flowering={flowering} />}
        </Later>
      }
    >
      <GardenTabs here="/garden/calendar" />
      {flowering.length > 0 ? (
        <WithWidth>{(width) => <Bars view={view} flowering={flowering} width={width} f={f} />}</WithWidth>
      ) : view.varieties.length === 0 ? (
        <PlantFirst text="Nothing grows here yet. Once varieties are on the plan, this page says when each flowers, and when to sow." />
      ) : (
        <Text>It is not known yet when anything flowers. Say when a variety was sown.</Text>
      )}
      <Text variant="small" tone="soft" style={{ marginTop: SPACE.s }}>
        Filled bars were seen in flower, dashed ones are estimated. On hatched days something it crosses with
        flowers too.
      </Text>
      <View style={{ marginTop: SPACE.m }}>
        <Later>
          {() => (
            <LongList
              items={[...ordered, ...unknown]}
              keyOf={({ planting }) => planting}
              rowHeight={ROW_HEIGHT}
            >
              {(planned) => <ListRow title={plantingName(planned, f)} note={sayFlowering(planned, f)} />}
            </LongList>
          )}
        </Later>
      </View>
    </Page>
  );
}

const sayFlowering = ({ flowering: known }: PlannedVariety, f: Format): string =>
  known
    ? `${f.day(known.first)} to ${f.day(known.last)}. ${known.reasons.map((each) => sayGardenReason(each, f)).join(' ')}`
    : 'Not known: say when it was sown or planted out.';

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
    shared: () => sharedSpans(one, flowering).map(([from, to]) => [at(from), at(to)]),
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
      label="Calendar of flowering; the list has the same content"
      dayName={(day) => f.shortDay(addDays(begin, day))}
    />
  );
}

function monthsWithin(begin: Day, end: Day): Day[] {
  const months: Day[] = [];
  for (let day = begin; day <= end; day = addDays(day, 1)) if (day.endsWith('-01')) months.push(day);
  return months;
}
