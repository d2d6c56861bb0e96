import { View } from 'react-native';
import { thinned } from '@/core/fruit/takenOff';
import type { ThinStop } from '@/core/journal/kinds/stops';
import { formatTagCode } from '@/core/text/tagCode';
import { leftAt } from '@/core/round/asPlanned';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../../format/useFormat';
import { StopCard, type StopProps } from './StopCard';

/** More grows on a plant than it ripens: the youngest come off. Each can be spared by a tap on its tag. */
export function ThinCard({ stop, ...shared }: StopProps & { readonly stop: ThinStop }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const record = useRecord();
  const [kept, setKept, dropKept] = useDraft<readonly string[]>(`thin/${stop.stop}`, []);
  const spared = kept ?? [];
  const off = stop.blooms.filter((bloom) => !spared.includes(bloom));
  const says = `Take off ${f.count(off.length, 'fruit', 'fruits')}`;
  const done = (): void => {
    const taken = off.map((bloom) => thinned(bloom));
    // Of what is spared nothing is recorded; the stop is done all the same.
    record(spared.length > 0 ? [...taken, leftAt(shared.round, stop)] : taken, whenSaved(dropKept));
  };
  return (
    <StopCard
      {...shared}
      stop={stop}
      sex="female"
      covered={false}
      fruit
      says={says}
      exceptions={[]}
      done={{ title: off.length > 0 ? 'Done' : 'Leave them', onPress: done }}
    >
      <Text variant="stop" live>
        {says}
      </Text>
      <Text>
        The plant carries more than it ripens for seed. What is not for seed comes off first, then the
        youngest, so that the rest fills.
      </Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginTop: SPACE.s }}>
        {stop.blooms.map((bloom) => {
          const code = journal.all('bloom').get(bloom)?.code;
          const name = code ? formatTagCode(code) : 'no tag';
          const isSpared = spared.includes(bloom);
          return (
            <Button
              key={bloom}
              title={isSpared ? `${name} stays` : `${name} off`}
              onPress={() => setKept(isSpared ? spared.filter((id) => id !== bloom) : [...spared, bloom])}
            />
          );
        })}
      </View>
    </StopCard>
  );
}
