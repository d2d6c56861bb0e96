import { memo, useDeferredValue } from 'react';
import { View } from 'react-native';
import type { Fruit } from '@/core/fruit/fruits';
import type { Journal } from '@/core/journal/journal';
import { groupBy } from '@/core/text/groupBy';
import { countedSet } from '@/core/fruit/countedSet';
import { dropsByDay } from '@/core/fruit/setRates';
import { varietyRates } from '@/core/records/varietyRates';
import { useStore } from '@/data/hooks/useGarden';
import { DropChart } from '@/ui/charts/DropChart';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Explained } from '../shell/Explained';
import { Later } from '../shell/Later';
import { WithWidth } from '../shell/WithWidth';
import { Page } from '../shell/Page';
import { useFruits, type FruitView } from './fruitView';
import { lookDays } from './setRateWords';
import { RateRow } from './SetSummary';

const HOW_CALCULATED =
  'How the rates are calculated: 95 % intervals after Wilson. Flowers of one plant share its load and its luck, so a variety’s interval treats plants as clusters (Rao and Scott): ten flowers on one plant say less of the variety than ten on ten. A plant’s own interval is for that plant alone. With few plants or few flowers the interval is wide, and then the rate says little.';

/** Set and drop by variety and by plant, each with its interval and what was left out. */
export function SetRatesScreen() {
  const { journal } = useStore();
  // Rates that change are shown when there is time: there are hundreds of rows, and no tap waits for them.
  const view = useDeferredValue(useFruits());
  return view ? <SetRates view={view} journal={journal} /> : null;
}

interface SetRatesProps {
  readonly view: FruitView;
  readonly journal: Journal;
}

const SetRates = memo(function SetRates({ view, journal }: SetRatesProps) {
  const f = useFormat();
  const histories = view.fruits.flatMap(({ histories: own }) => own);
  const drops = dropsByDay(histories);
  const dropped = histories.filter(({ failed }) => failed !== undefined).length;
  const lastDays = histories.flatMap(({ looks: { early, set, kept } }) => [
    early.value[1],
    set.value[1],
    kept.value,
  ]);
  const byVariety = groupBy(view.fruits, ({ variety }) => variety.variety);
  const [first, ...others] = byVariety.values();
  return (
    <Page
      title="Set and drop"
      ofAllYears
      aside={
        <Later>
          {() => (
            <View>
              <Text variant="heading" level={2}>
                When they drop
              </Text>
              <Text variant="small" tone="soft">
                {`${f.count(dropped, 'fruitlet', 'fruitlets')} dropped, by day after pollination. Two looks only bracket the day, so each drop is spread evenly between them.`}
              </Text>
              <WithWidth>
                {(width) => (
                  <DropChart
                    width={width}
                    drops={drops}
                    number={f.number}
                    lookDays={lastDays}
                    label={`Drops by day: ${drops.map((n, i) => `day ${i + 1} ${f.number(n, 1)}`).join(', ') || 'none'}`}
                  />
                )}
              </WithWidth>
              <Explained variant="small" tone="soft" terms={['wilson', 'cluster']}>
                {HOW_CALCULATED}
              </Explained>
            </View>
          )}
        </Later>
      }
    >
      {byVariety.size === 0 ? <Text>No flower has been pollinated this season.</Text> : null}
      <WithWidth>
        {(width) => (
          <>
            {first ? <OfVariety fruits={first} journal={journal} width={width} /> : null}
            <Later>
              {() =>
                others.map((fruits) => (
                  <OfVariety
                    key={fruits[0]!.variety.variety}
                    fruits={fruits}
                    journal={journal}
                    width={width}
                  />
                ))
              }
            </Later>
          </>
        )}
      </WithWidth>
    </Page>
  );
});

const NONE_LEFT_OUT = { leftOut: { notYetDue: 0, notLookedAt: 0, thinned: 0, lost: 0 }, undatedDrops: 0 };

interface OfVarietyProps {
  /** Of one variety, at least one. */
  readonly fruits: readonly Fruit[];
  readonly journal: Journal;
  readonly width: number;
}

/** The rates of a variety, and of each of its plants. */
function OfVariety({ fruits, journal, width }: OfVarietyProps) {
  const { variety, rates, looks, plants } = varietyRates(journal, fruits);
  const f = useFormat();
  const days = lookDays(looks);
  const counted = countedSet(fruits);
  return (
    <View style={{ gap: SPACE.m, marginBottom: SPACE.xl }}>
      <Text variant="heading" level={2}>
        {variety.name}
      </Text>
      {counted ? (
        <View>
          <RateRow name="Counted on the plants" rate={{ ...counted, ...NONE_LEFT_OUT }} width={width} />
          <Text variant="small" tone="soft">
            {`Whoever pollinated them: shaken, brushed, by wind or insects.${counted.misshapen > 0 ? ` ${f.count(counted.misshapen, 'fruit is', 'fruits are')} misshapen: too little pollen.` : ''}`}
          </Text>
        </View>
      ) : null}
      {rates.pollinated > 0 ? (
        <>
          <RateRow name="Set so far" rate={rates.soFar} width={width} />
          <RateRow name={`Set, day ${days.set}`} rate={rates.set} width={width} />
          <RateRow name={`Kept, day ${days.kept} or picked`} rate={rates.kept} width={width} />
          <Text variant="strong">Set by plant</Text>
        </>
      ) : null}
      {plants.map(({ plant, label, set }) => (
        <RateRow key={plant} name={label} rate={set} width={width} />
      ))}
    </View>
  );
}
