import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { cropOf, isPollinatedByFlower } from '@/core/crops/catalogue';
import { wantsSeed } from '@/core/crops/variety';
import { plantSeason, type PlantSeason } from '@/core/fruit/plantSeason';
import type { Plant, Variety } from '@/core/journal/state';
import { dayAt } from '@/core/time/calendar';
import type { Day } from '@/core/time/types';
import { useStore } from '@/data/hooks/useGarden';
import { useView } from '@/data/hooks/useView';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { PlantHeading } from '../shell/PlantHeading';
import { PlantLoad } from '../shell/PlantLoad';
import { WithWidth } from '../shell/WithWidth';
import { sayPlace } from '../words/places';
import { AsParent } from './AsParent';
import { FruitOfInsects } from './FruitOfInsects';
import { FruitRows } from './FruitRows';
import { SeasonPicture } from './SeasonPicture';
import { RateRow } from './SetSummary';

interface PlantView extends PlantSeason {
  readonly plant: Plant;
  readonly variety: Variety;
  readonly where: string;
  readonly today: Day;
}

const usePlantSeason = (id: string): PlantView | undefined =>
  useView<PlantView | null>('plant-season', [id], ({ store: { journal }, garden, now }) => {
    const plant = journal.all('plant').get(id);
    const variety = plant && journal.all('variety').get(plant.variety);
    if (!plant || !variety) return null;
    const where = sayPlace(journal, plant);
    const today = dayAt(now, garden.zone);
    return { plant, variety, where, today, ...plantSeason(journal, garden, id, today) };
  }) ?? undefined;

/** A plant's whole season: its flowers, what it carries, how they set, and its pollen on other plants. */
export function PlantSeasonScreen() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const view = usePlantSeason(id);
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  if (!view)
    return (
      <EmptyPage
        title="Plant"
        text="This plant is not in the garden any more."
        lead={{ title: 'To the fruit', to: '/fruit' }}
      />
    );
  const { plant, variety, where, fruits, rates, fathered, fatheredRates } = view;
  const show = (fruit: string): void => router.push({ pathname: '/fruit/[id]', params: { id: fruit } });
  return (
    <Page
      title={`${where}, ${variety.name}`}
      heading={false}
      aside={
        <View style={{ marginTop: SPACE.l, gap: SPACE.s }}>
          <Text variant="heading" level={2}>
            Its pollen elsewhere
          </Text>
          {fathered.length === 0 ? (
            <Text tone="soft">No flower of another plant got its pollen this season.</Text>
          ) : (
            <>
              <Text>
                {`${f.count(fathered.length, 'flower', 'flowers')} of other plants got its pollen, some with that of others too.`}
              </Text>
              <WithWidth>
                {(width) => <RateRow name="Of these set" rate={fatheredRates.set} width={width} />}
              </WithWidth>
              <FruitRows fruits={fathered} journal={journal} onShow={show} />
            </>
          )}
        </View>
      }
    >
      <PlantHeading plant={plant} variety={variety} />
      <PlantLoad plant={plant} variety={variety} />
      {!plant.removed && isPollinatedByFlower(cropOf(variety.crop)) ? (
        <FruitOfInsects plant={plant} variety={variety} today={view.today} />
      ) : null}
      {wantsSeed(variety.purpose) ? <AsParent plant={plant} /> : null}
      {fruits.length === 0 ? (
        <Text tone="soft">No flower of it has been pollinated this season.</Text>
      ) : (
        <>
          <SeasonPicture fruits={fruits} />
          {rates.pollinated > 0 ? (
            <WithWidth>
              {(width) => (
                <View style={{ gap: SPACE.m, marginBottom: SPACE.m }}>
                  <RateRow name="Set" rate={rates.set} width={width} />
                  <RateRow name="Kept" rate={rates.kept} width={width} />
                </View>
              )}
            </WithWidth>
          ) : null}
          <FruitRows fruits={fruits} journal={journal} onShow={show} />
        </>
      )}
    </Page>
  );
}
