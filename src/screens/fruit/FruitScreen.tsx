import { useLocalSearchParams, useRouter } from 'expo-router';
import { memo, useCallback, useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { MINUTES_PER_LOOK } from '@/core/fruit/lookMinutes';
import { FLOWER_OUTCOMES, outcomeOf, type FlowerOutcome } from '@/core/fruit/seasonMarks';
import { useStore } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { ChooseOne } from '../shell/ChooseOne';
import { ALL_VARIETIES, ChooseVariety } from '../shell/ChooseVariety';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { useWide } from '../shell/useWide';
import { lowerFirst } from '../words/lowerFirst';
import { FindTag } from './FindTag';
import { FruitRows, type FruitRowsProps } from './FruitRows';
import { OUTCOME_NAMES, SeasonPicture } from './SeasonPicture';
import { LookCard } from './LookCard';
import { useFruits } from './fruitView';
import { FruitPanel } from './OneFruitScreen';
import { PickBeforeFrost } from './PickBeforeFrost';
import { RipeNow } from './RipeNow';
import { SetSummary } from './SetSummary';

/** What to look at today, what came of the season, and every fruit of it. */
export function FruitScreen() {
  const view = useFruits();
  const router = useRouter();
  const wide = useWide();
  const { chosen } = useLocalSearchParams<{ chosen?: string }>();
  const { journal } = useStore();
  // The list and the figures come after what a tap is answered with.
  const later = useDeferredValue(view, undefined);
  const f = useFormat();
  const show = useCallback(
    (id: string): void => {
      if (wide) router.setParams({ chosen: id });
      else router.push({ pathname: '/fruit/[id]', params: { id } });
    },
    [wide, router],
  );
  if (!view) return null;
  if (view.fruits.length === 0 && !journal.hasAny('bloom')) {
    return (
      <EmptyPage
        title="Fruit"
        text="No flower has been pollinated this season. After the first morning round its fruits are here."
        lead={{ title: 'To Today', to: '/' }}
      />
    );
  }
  return (
    <Page
      title="Fruit"
      ofAllYears
      aside={
        wide && chosen ? (
          <FruitPanel key={chosen} id={chosen} />
        ) : later ? (
          <View style={{ gap: SPACE.s, marginTop: SPACE.l }}>
            <SetSummary view={later} />
            <Button title="Set and drop, by variety and plant" onPress={() => router.push('/fruit/rates')} />
            <Button title="What the season may bring" onPress={() => router.push('/fruit/ahead')} />
          </View>
        ) : null
      }
    >
      {wide && chosen ? (
        <Button
          variant="quiet"
          title="Set and drop of the season"
          onPress={() => router.setParams({ chosen: undefined })}
          style={{ alignSelf: 'flex-start' }}
        />
      ) : null}
      {view.due.length > 0 ? (
        <View style={{ marginBottom: SPACE.l }}>
          <Text variant="heading" level={2}>
            {f.count(view.due.length, 'look due', 'looks due')}
          </Text>
          {view.due.length > 1 ? (
            <Button
              title={`Plant by plant, about ${f.number(Math.ceil(MINUTES_PER_LOOK * view.due.length))} min`}
              onPress={() => router.push('/fruit/looks')}
              style={{ marginVertical: SPACE.m }}
            />
          ) : null}
          <LookCard fruit={view.due[0]!} />
        </View>
      ) : (
        <Text tone="soft" style={{ marginBottom: SPACE.l }}>
          Nothing to look at today.
        </Text>
      )}
      <RipeNow ripe={view.ripe} undo={view.due.length === 0} />
      <PickBeforeFrost before={view.frost} onShow={show} />
      <FindTag fruits={view.fruits} journal={journal} onFound={show} />
      {journal.hasAny('season') ? (
        <ListRow title="Seasons" note="Fruit of other years" onPress={() => router.push('/garden/seasons')} />
      ) : null}
      {later ? (
        <Fruits fruits={later.fruits} journal={journal} chosen={wide ? chosen : undefined} onShow={show} />
      ) : null}
    </Page>
  );
}

const ALL = '';

/** Every fruit of the season, or those of a variety or an outcome. */
const Fruits = memo(function Fruits({ fruits, ...props }: FruitRowsProps) {
  const [of, setOf] = useState(ALL_VARIETIES);
  const [outcome, setOutcome] = useState<FlowerOutcome | typeof ALL>(ALL);
  const names = new Map(fruits.map(({ variety }) => [variety.variety, variety.name]));
  const shown = fruits.filter(
    ({ variety, histories }) =>
      (of === ALL_VARIETIES || variety.variety === of) &&
      (outcome === ALL || histories.some((history) => outcomeOf(history) === outcome)),
  );
  return (
    <>
      <Text variant="heading" level={2} style={{ marginTop: SPACE.l, marginBottom: SPACE.s }}>
        This season
      </Text>
      <SeasonPicture
        fruits={of === ALL_VARIETIES ? fruits : fruits.filter(({ variety }) => variety.variety === of)}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginBottom: SPACE.s }}>
        <ChooseVariety names={names} value={of} onChange={setOf} />
        <ChooseOne
          name="Show"
          sheet="Which fruits"
          value={outcome}
          options={[
            { value: ALL, title: 'All', short: 'all' },
            ...FLOWER_OUTCOMES.map((value) => ({
              value,
              title: OUTCOME_NAMES[value],
              short: lowerFirst(OUTCOME_NAMES[value]),
            })),
          ]}
          onChange={setOutcome}
        />
      </View>
      {shown.length === 0 ? <Text tone="soft">None of these.</Text> : null}
      <FruitRows key={`${of} ${outcome}`} fruits={shown} {...props} />
    </>
  );
});
