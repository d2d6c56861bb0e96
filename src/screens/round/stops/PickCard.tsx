import { View } from 'react-native';
import { cropOf } from '@/core/crops/catalogue';
import type { MissedReason, ToolState } from '@/core/journal/kinds/roundBodies';
import type { PickStop } from '@/core/journal/kinds/stops';
import { pickedAtStop } from '@/core/round/asPlanned';
import { stopNow } from '@/core/round/stopNow';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord, whenSaved } from '@/data/hooks/useRecord';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../../format/useFormat';
import { How } from '../../shell/How';
import { sayMissed } from '../../words/blooms';
import { wordsOf } from '../../words/forms/forms';
import { howToPick } from '../../words/howTo';
import { CleanFirst } from './CleanFirst';
import { StopCard, type StopProps } from './StopCard';

/** Picking the males of one plant: each exception marks one of them unfit. */
export function PickCard({ stop, ...shared }: StopProps & { readonly stop: PickStop }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const record = useRecord();
  const [unfit, setUnfit, dropUnfit] = useDraft<readonly MissedReason[]>(`pick/${stop.stop}`, []);
  const whys = unfit ?? [];
  const total = stop.blooms.length;
  const good = total - whys.length;
  const { covered, part, wrong, clean } = stopNow(journal, shared.round, stop);
  const mark = (why: MissedReason): void => {
    if (good > 0) setUnfit([...whys, why]);
  };
  const done = (cleaned: ToolState): void => {
    const spoiled = whys.map((why, i) => ({ bloom: stop.blooms[i]!, why }));
    record([pickedAtStop(journal, shared.round, stop, { spoiled, cleaned })], whenSaved(dropUnfit));
  };
  const crop = shared.variety && cropOf(shared.variety.crop);
  const words = wordsOf(crop?.flower).taking;
  const some = f.count(total, ...words.what);
  const pick = `${words.verb} ${good === total ? '' : `${good} of `}${some}`;
  return (
    <StopCard
      {...shared}
      stop={stop}
      sex="male"
      part={part}
      covered={covered}
      says={`${pick}, ${shared.variety?.name ?? ''}`}
      exceptions={wrong.map((why) => ({
        title: sayMissed(why, crop),
        onPress: () => mark(why),
      }))}
      done={{ title: good > 0 ? 'Done' : 'None, continue', onPress: () => done('clean') }}
    >
      <View style={{ marginTop: SPACE.m, gap: SPACE.xs }}>
        {good > 0 ? <CleanFirst clean={clean} onNotCleaned={() => done('used')} /> : null}
        <How how={crop && howToPick(crop)}>
          <Text variant="stop" live>
            {pick}
          </Text>
        </How>
        <Text>{covered ? `${words.check} ${words.how}` : words.how}</Text>
        {whys.length > 0 ? (
          <Text tone="rust" live>
            {`Not used: ${whys.map((why) => sayMissed(why, crop).toLowerCase()).join(', ')}.`}
          </Text>
        ) : null}
      </View>
    </StopCard>
  );
}
