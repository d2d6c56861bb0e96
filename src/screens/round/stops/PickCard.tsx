import { View } from 'react-native';
import { isCovered } from '@/core/journal/isCovered';
import { MISSED_REASONS, type MissedReason, type PickStop } from '@/core/journal/kinds/round';
import { useDraft } from '@/data/hooks/useDraft';
import { useGarden } from '@/data/hooks/useGarden';
import { useRecord } from '@/data/hooks/useRecord';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../../format/useFormat';
import { MISSED } from '../../words/names';
import { StopCard, type StopProps } from './StopCard';

/** Reasons for which a male is unfit. */
const UNFIT = MISSED_REASONS.filter((why) => why !== 'noPollen' && why !== 'skipped');

/** Picking the males of one plant: each exception marks one of them unfit. */
export function PickCard({ stop, ...shared }: StopProps & { readonly stop: PickStop }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const record = useRecord();
  const [unfit, setUnfit, dropUnfit] = useDraft<readonly MissedReason[]>(`pick/${stop.stop}`, []);
  const whys = unfit ?? [];
  const total = stop.blooms.length;
  const good = total - whys.length;
  const covered = stop.blooms.some((id) => isCovered(journal.all('bloom').get(id) ?? {}));
  const mark = (why: MissedReason): void => {
    if (good > 0) setUnfit([...whys, why]);
  };
  const done = (): void => {
    dropUnfit();
    record([
      {
        kind: 'picked',
        body: {
          round: shared.round.round,
          stop: stop.stop,
          plant: stop.plant,
          blooms: stop.blooms.slice(whys.length),
          spoiled: whys.map((why, i) => ({ bloom: stop.blooms[i]!, why })),
        },
      },
    ]);
  };
  const pick =
    good === total
      ? `Pick ${f.count(total, 'male', 'males')}`
      : `Pick ${good} of ${f.count(total, 'male', 'males')}`;
  return (
    <StopCard
      {...shared}
      stop={stop}
      sex="male"
      covered={covered}
      says={`${pick}, ${shared.variety?.name ?? ''}`}
      exceptions={UNFIT.map((why) => ({ title: MISSED[why], onPress: () => mark(why) }))}
      done={{ title: good > 0 ? 'Done' : 'None, continue', onPress: done }}
    >
      <View style={{ marginTop: SPACE.m, gap: SPACE.xs }}>
        <Text variant="stop" live>
          {pick}
        </Text>
        <Text>
          {covered
            ? 'Look for holes. Pull the petals off at the base, and keep the pollen dry.'
            : 'Pull the petals off at the base, and keep the pollen dry.'}
        </Text>
        {whys.length > 0 ? (
          <Text tone="rust" live>
            {`Not used: ${whys.map((why) => MISSED[why].toLowerCase()).join(', ')}.`}
          </Text>
        ) : null}
      </View>
    </StopCard>
  );
}
