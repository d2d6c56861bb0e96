import { stripped } from '@/core/fruit/takenOff';
import { MAX_STRIPPED } from '@/core/journal/limits';
import type { StripStop } from '@/core/journal/kinds/stops';
import { leftAt } from '@/core/round/asPlanned';
import { useDraft } from '@/data/hooks/useDraft';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { Text } from '@/ui/parts/Text';
import { useFormat } from '../../format/useFormat';
import { StopCard, type StopProps } from './StopCard';
import { FruitStepper } from '../../shell/FruitStepper';

/** Fruit that set by itself comes off before a plant is worked for seed: asked once a season. */
export function StripCard({ stop, ...shared }: StopProps & { readonly stop: StripStop }) {
  const f = useFormat();
  const record = useRecord();
  const [draft, setCount, dropCount] = useDraft<number>(`strip/${stop.stop}`, 0);
  const count = draft ?? 0;
  const says = 'Look for fruit that set by itself';
  return (
    <StopCard
      {...shared}
      stop={stop}
      sex="female"
      covered={false}
      fruit
      says={says}
      exceptions={[{ title: 'Leave it on', onPress: () => record([leftAt(shared.round, stop)]) }]}
      done={{
        title: count > 0 ? `${f.count(count, 'fruit', 'fruits')} off` : 'None, continue',
        onPress: () => record([stripped(stop.plant, shared.round.day, count)], whenSaved(dropCount)),
      }}
    >
      <Text variant="stop" live>
        {says}
      </Text>
      <Text>While it swells, few others set. Take it off before you pollinate for seed.</Text>
      <FruitStepper label="Taken off now" value={count} most={MAX_STRIPPED} onChange={setCount} />
    </StopCard>
  );
}
