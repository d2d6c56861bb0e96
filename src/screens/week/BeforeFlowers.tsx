import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { cropOf, isPollinatedOpen } from '@/core/crops/catalogue';
import { wantsSeed } from '@/core/crops/variety';
import type { PreFloweringAdvice } from '@/core/due/preFloweringAdvice';
import type { Day } from '@/core/time/types';
import { useGarden } from '@/data/hooks/useGarden';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayRogueSigns } from '../words/roguing';
import { sayBefore } from './beforeFlowersWords';

/** Before the first flowers: what comes first, and the way to the walk for who sees some all the same. */
export function BeforeFlowers({ before, day }: { readonly before: PreFloweringAdvice; readonly day: Day }) {
  const router = useRouter();
  const f = useFormat();
  const { journal } = useGarden().store;
  const variety = journal.all('variety').get(before.variety);
  if (!variety) return null;
  const { text, steps, note } = sayBefore(before, variety, day, f);
  return (
    <View style={{ marginTop: SPACE.s, marginBottom: SPACE.l, gap: SPACE.m }}>
      <Text>{text}</Text>
      <View role="list">
        {steps.map(({ what, when }) => (
          <View
            role="listitem"
            key={what}
            style={{ flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m }}
          >
            <Text variant="strong">{what}</Text>
            <Text>{when}</Text>
          </View>
        ))}
      </View>
      <Text variant="small" tone="soft">
        {note}
      </Text>
      {wantsSeed(variety.purpose) && before.toSow === undefined ? (
        <Text>
          {`Look over ${variety.name} before it flowers: what is not true to it goes before it gives pollen. Look at ${sayRogueSigns(variety.crop)}.`}
        </Text>
      ) : null}
      <Button
        title="I see buds or flowers"
        onPress={() =>
          router.push(
            variety.purpose === 'eat' && isPollinatedOpen(cropOf(variety.crop))
              ? { pathname: '/open', params: { any: '1' } }
              : '/walk',
          )
        }
      />
    </View>
  );
}
