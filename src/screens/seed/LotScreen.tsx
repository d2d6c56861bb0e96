import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { varietyEver } from '@/core/journal/varietyEver';
import { useStore } from '@/data/hooks/useGarden';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { nameDescent, sayAmount, sayDescent } from '../words/seed';
import { Germination } from './Germination';
import { HowItIsKept } from './HowItIsKept';
import { LotOrigin } from './LotOrigin';
import { LotStep, StepFoot } from './LotStep';
import { SowIt } from './SowIt';
import { TakeFromLot } from './TakeFromLot';
import { useLot } from './useLot';

/** One lot of seed: what it is, what comes next, how pure it is and why, how much there is, and where it goes. */
export function LotScreen() {
  const { id = '' } = useLocalSearchParams<{ id?: string }>();
  const f = useFormat();
  const router = useRouter();
  const { journal } = useStore();
  const view = useLot(id);
  if (!view)
    return (
      <EmptyPage
        title="Seed"
        text="No seed of this address is stored here. Perhaps it was undone, or is on another phone."
        lead={{ title: 'To the seed', to: '/seed' }}
      />
    );
  const { lot, descent, tests } = view;
  const nameOf = (variety: string): string => varietyEver(journal, variety)?.name ?? 'a variety';
  const expect = sayDescent(descent);
  return (
    <Page
      title={lot.name}
      ofAllYears
      foot={<StepFoot view={view} />}
      aside={
        <View style={{ gap: SPACE.l, marginTop: SPACE.l }}>
          <HowItIsKept lot={lot} today={view.today} />
          <Germination view={view} />
          {lot.amount.gone ? null : <SowIt lot={lot} tests={tests} descent={descent} />}
          <TakeFromLot view={view} />
        </View>
      }
    >
      <View style={{ gap: SPACE.l }}>
        <View>
          <Text variant="strong">{nameDescent(descent, nameOf)}</Text>
          {expect ? <Text>{expect}</Text> : null}
          {descent.of === 'cross' ? (
            <ListRow
              title="What a cross should show"
              note="Shares of each kind, and how many to grow"
              onPress={() => router.push('/seed/segregation')}
            />
          ) : null}
          <Text>{`${sayAmount(lot, f)}.`}</Text>
          <Text tone="soft">
            {lot.taken
              ? `Its seed was taken out on ${f.date(lot.since)}.`
              : lot.year === undefined
                ? `Here since ${f.date(lot.since)}.`
                : `Of the harvest of ${lot.year}.`}
          </Text>
        </View>
        <LotStep view={view} />
        <LotOrigin view={view} />
      </View>
    </Page>
  );
}
