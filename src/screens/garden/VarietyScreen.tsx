import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { WithWidth } from '../shell/WithWidth';
import { EmptyPage } from '../shell/EmptyPage';
import { Page } from '../shell/Page';
import { PlanBoard } from './PlanBoard';
import { usePlan } from './usePlan';
import { Report } from './VarietyReport';

/** The report on one variety: its crossing risks, what to do, when it flowers, whether there are enough plants. */
export function VarietyScreen() {
  const { id } = useLocalSearchParams<{ id?: string }>();
  const view = usePlan(id);
  const planned = view?.varieties.find(({ variety }) => variety.variety === id);
  if (!view) return null;
  if (!planned) {
    return (
      <EmptyPage
        title="Variety not found"
        text="This variety is not in the garden any more."
        lead={{ title: 'To the garden', to: '/garden' }}
      />
    );
  }
  return (
    <Page
      title={planned.variety.name}
      aside={
        <View style={{ marginTop: SPACE.l }}>
          <WithWidth>
            {(width) => (
              <PlanBoard view={view} width={width} mostHeight={420} onChooseBed={() => undefined} only={id} />
            )}
          </WithWidth>
        </View>
      }
    >
      <Report view={view} planned={planned} />
    </Page>
  );
}

/** The same report next to the plan. */
export function VarietyPanel({ id }: { readonly id: string }) {
  const router = useRouter();
  const view = usePlan(id);
  const planned = view?.varieties.find(({ variety }) => variety.variety === id);
  if (!view || !planned) return null;
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: SPACE.m }}>
        <Text variant="heading" level={2} style={{ flex: 1 }}>
          {planned.variety.name}
        </Text>
        <Button title="All varieties" onPress={() => router.setParams({ chosen: '' })} />
      </View>
      <Report view={view} planned={planned} />
    </View>
  );
}
