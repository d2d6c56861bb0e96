import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { SeedLot } from '@/core/seed/seedLot';
import { toldLots } from '@/core/seed/toldLots';
import { dayAt } from '@/core/time/calendar';
import { varietyEver } from '@/core/journal/varietyEver';
import { download } from '@/data/files/download';
import { fileName } from '@/data/files/exports';
import { useStore } from '@/data/hooks/useGarden';
import { useWhole } from '@/data/hooks/useWhole';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';

/** What is told of a lot to who gets some of it: as a page, and as a file that another garden imports. */
export function LotRecordButtons({ lot }: { readonly lot: SeedLot }) {
  const router = useRouter();
  const { journal, described, clock } = useStore();
  const { left, whenWhole } = useWhole();
  const variety = varietyEver(journal, lot.varieties[0] ?? '');
  if (!described || !variety) return null;
  const save = async (): Promise<void> => {
    const { encodeLotRecord } = await import('@/data/files/lotRecord');
    const now = clock.now();
    const [first, ...before] = toldLots(journal, described, lot.lot, dayAt(now, described.zone));
    const { name, crop, traits } = variety;
    const text = encodeLotRecord({ variety: { name, crop, traits }, told: [first!, ...before] });
    download(fileName({ ...described, name: lot.name }, now, '-record.json'), text, 'application/json');
  };
  return (
    <View style={{ gap: SPACE.xs }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
        <Button title="Save its record" disabled={left !== undefined} onPress={() => whenWhole(save)} />
        <Button
          title="Print its record"
          onPress={() => router.push({ pathname: '/more/print', params: { print: 'lot', id: lot.lot } })}
        />
      </View>
      <Text variant="small" tone="soft">
        For whoever gets some of it: what it is, how pure, its parents, its germination and the lots before
        it. Their garden can read the file.
      </Text>
    </View>
  );
}
