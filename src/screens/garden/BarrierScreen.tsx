import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import type { BarrierSort } from '@/core/garden/surroundings';
import { newId } from '@/data/clock';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { FormChoice, FormField } from '../forms/fields';
import { useCheckedForm } from '../forms/useCheckedForm';
import { isAsTyped, useSince } from '../forms/useSince';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { BARRIERS } from '../words/garden';
import { optionsOf } from '../words/options';

type Typed = Record<'fromX' | 'fromY' | 'toX' | 'toY', string> & { sort: BarrierSort | undefined };
type Checked = Record<'fromX' | 'fromY' | 'toX' | 'toY', number> & { sort: BarrierSort };

/** A wall, hedge or trellis: a straight stretch on the plan. */
export function BarrierScreen() {
  const f = useFormat();
  const router = useRouter();
  const record = useRecord();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const held = useGarden()
    .store.journal.all('barrier')
    .get(id ?? '');
  const { control, handleSubmit } = useCheckedForm<Typed, Checked>('barrier', {
    sort: held?.sort,
    fromX: f.typedLength(held?.from.x ?? 0),
    fromY: f.typedLength(held?.from.y ?? 0),
    toX: f.typedLength(held?.to.x ?? 5),
    toY: f.typedLength(held?.to.y ?? 0),
  });
  const since = useSince();
  const save = handleSubmit(({ sort, fromX, fromY, toX, toY }) => {
    const barrier = held?.barrier ?? newId();
    const body = { barrier, sort, from: { x: fromX, y: fromY }, to: { x: toX, y: toY } };
    const changed =
      held !== undefined &&
      (held.sort !== sort ||
        !(['from', 'to'] as const).every(
          (end) => isAsTyped(held[end].x, body[end].x) && isAsTyped(held[end].y, body[end].y),
        ));
    const fact = since.say('barrier.set', body, barrier, changed);
    if (!fact) return;
    record([fact]);
    router.replace('/garden');
  });
  return (
    <Page
      title={held ? BARRIERS[held.sort] : 'New barrier'}
      foot={<Button variant="main" size="big" title="Save" onPress={() => void save()} />}
    >
      <View style={{ gap: SPACE.m }}>
        <Text tone="soft">
          You walk round trellises and walls. Walls, buildings, hedges and dense bloom hold pollen back, so
          that less distance is needed behind them.
        </Text>
        <FormChoice control={control} name="sort" label="What is it?" options={optionsOf(BARRIERS)} />
        <Text variant="strong">{`Its ends, ${f.unit.length} from the gate`}</Text>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="fromX" label="From: to the right" numeric />
          <FormField control={control} name="fromY" label="and straight ahead" numeric />
        </View>
        <View style={{ flexDirection: 'row', gap: SPACE.m }}>
          <FormField control={control} name="toX" label="To: to the right" numeric />
          <FormField control={control} name="toY" label="and ahead" numeric />
        </View>
        {since.question}
        {held ? (
          <Button
            variant="loss"
            title="Delete"
            onPress={() => {
              record([{ kind: 'plan.removed', body: { what: 'barrier', id: held.barrier } }]);
              router.replace('/garden');
            }}
          />
        ) : null}
      </View>
    </Page>
  );
}
