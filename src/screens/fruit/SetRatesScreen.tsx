import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { countedSet, setByInsects } from '@/core/fruit/countedSet';
import type { Fruit } from '@/core/fruit/fruits';
import { fruitSetRates } from '@/core/fruit/setRates';
import type { SetAnalysis } from '@/core/outcome/setAnalysis';
import { clusteredWilson } from '@/core/statistics/wilson';
import { byName } from '@/core/text/byName';
import { useStore } from '@/data/hooks/useGarden';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import type { NameOfLevel } from '../words/setFactors';
import { Explained } from '../shell/Explained';
import { Page } from '../shell/Page';
import { WithWidth } from '../shell/WithWidth';
import { useFruits } from './fruitView';
import { GoesWithSet } from './GoesWithSet';
import { HowManyFlowers } from './HowManyFlowers';
import { levelNames } from './levelNames';
import { SetByGroup } from './SetByGroup';
import { lookDays } from './setRateWords';
import { RateRow } from './SetSummary';
import { useSetAnalysis } from './useSetAnalysis';
import { WhenTheyDrop } from './WhenTheyDrop';
import { WhyTheyFailed } from './WhyTheyFailed';

const HOW_CALCULATED =
  'How it is calculated: rates have 95 % intervals after Wilson. Flowers of one plant share its load and its luck, so plants count as clusters (Rao and Scott): ten flowers on one plant say less than ten on ten. The curve of drops is Turnbull’s estimate, since looks only bracket the day; a flower that nobody looked at again counts like those that had grown as long (Efron); its band comes from drawing plants again and again. Groups are believed by a beta-binomial model. What goes with better set is a logistic regression with Firth’s penalty, plants as clusters, corrected for many comparisons after Holm.';

const ALL = '';

/** Set and drop of the season: how many, when they drop, and what goes with it; of all varieties, or of one. */
export function SetRatesScreen() {
  const { journal } = useStore();
  const [variety, setVariety] = useState(ALL);
  // Figures that come or change are drawn when there is time: no tap waits for them.
  const view = useDeferredValue(useFruits());
  const fruits = view?.fruits;
  const asked = useMemo(
    () => (variety === ALL ? fruits : fruits?.filter((fruit) => fruit.variety.variety === variety)),
    [fruits, variety],
  );
  const analysis = useDeferredValue(useSetAnalysis(fruits, asked));
  if (!fruits || !asked) return null;
  const varieties = new Map(asked.map((fruit) => [fruit.variety.variety, fruit.variety]));
  const only = varieties.size === 1 ? [...varieties.values()][0] : undefined;
  const nameOf = levelNames(journal, analysis?.by.device.map(({ level }) => String(level)) ?? []);
  const looks = asked.flatMap(({ histories }) => histories.map((history) => history.looks));
  return (
    <Page
      title="Set and drop"
      ofAllYears
      aside={
        <View>
          {only ? <HowManyFlowers key={only.variety} variety={only} fruits={asked} /> : null}
          {analysis ? <SetByGroup by={analysis.by} nameOf={nameOf} /> : null}
          <Explained variant="small" tone="soft" terms={['wilson', 'cluster']} style={{ marginTop: SPACE.l }}>
            {HOW_CALCULATED}
          </Explained>
        </View>
      }
    >
      {fruits.length === 0 ? <Text>No flower has been pollinated this season.</Text> : null}
      <OfWhich fruits={fruits} value={variety} onChange={setVariety} />
      <Rates fruits={asked} />
      {analysis ? (
        <>
          {analysis.curve ? <WhenTheyDrop curve={analysis.curve} looks={looks} /> : null}
          <WhyTheyFailed failures={analysis.failures} />
          <GoesWithSet better={analysis.better} nameOf={nameOf} />
          <Untold untold={analysis.untold} nameOf={nameOf} />
        </>
      ) : (
        <Text tone="soft" style={{ marginTop: SPACE.l }}>
          Calculating…
        </Text>
      )}
    </Page>
  );
}

interface UntoldProps {
  readonly untold: SetAnalysis['untold'];
  readonly nameOf: NameOfLevel;
}

/** Varieties of which set is not compared. */
const Untold = ({ untold, nameOf }: UntoldProps) => {
  const f = useFormat();
  return untold.map(({ variety, flowers }) => (
    <Text key={variety} variant="small" tone="soft" style={{ marginTop: SPACE.s }}>
      {`${nameOf(variety)} is not compared: nobody has looked again at ${f.count(flowers, 'flower', 'flowers')}, and those that failed alone would make its set look poor.`}
    </Text>
  ));
};

interface OfWhichProps {
  readonly fruits: readonly Fruit[];
  /** A variety, or `ALL`. */
  readonly value: string;
  readonly onChange: (variety: string) => void;
}

/** Of all varieties, or of one. */
function OfWhich({ fruits, value, onChange }: OfWhichProps) {
  const names = new Map(fruits.map(({ variety }) => [variety.variety, variety.name]));
  if (names.size < 2) {
    return [...names.values()].map((name) => (
      <Text key={name} variant="heading" level={2}>
        {name}
      </Text>
    ));
  }
  return (
    <View style={{ alignSelf: 'flex-start', marginBottom: SPACE.m }}>
      <ChooseOne
        name="Of"
        sheet="Of which variety"
        value={names.has(value) ? value : ALL}
        options={[
          { value: ALL, title: 'All varieties', short: 'all varieties' },
          ...[...names].map(([id, title]) => ({ value: id, title })).sort((a, b) => byName(a.title, b.title)),
        ]}
        onChange={onChange}
      />
    </View>
  );
}

const NONE_LEFT_OUT = {
  leftOut: { notYetDue: 0, notLookedAt: 0, thinned: 0, lost: 0 },
  undatedDrops: 0,
  counted: false,
  unknown: 0,
};

/** How many set, and were kept. */
function Rates({ fruits }: { readonly fruits: readonly Fruit[] }) {
  const f = useFormat();
  const histories = fruits.flatMap((fruit) => fruit.histories);
  const rates = fruitSetRates(histories);
  const days = lookDays(histories.map(({ looks }) => looks));
  const counted = countedSet(fruits);
  const insects = setByInsects(fruits);
  return (
    <WithWidth ofColumn>
      {(width) => (
        <View style={{ gap: SPACE.m }}>
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
              {insects.length > 0 ? (
                <View>
                  <RateRow
                    name="Set by insects alone"
                    rate={{
                      ...clusteredWilson(insects),
                      ...NONE_LEFT_OUT,
                      // Chances of what nobody looked at again are parts of flowers.
                      counted: !insects.every(
                        ({ hits, of }) => Number.isInteger(hits) && Number.isInteger(of),
                      ),
                    }}
                    width={width}
                  />
                  <Text variant="small" tone="soft">
                    Of flowers that were left to them, and of fruit nobody pollinated. They were other flowers
                    on other days: whether the work is needed, a trial tells.
                  </Text>
                </View>
              ) : null}
            </>
          ) : null}
        </View>
      )}
    </WithWidth>
  );
}
