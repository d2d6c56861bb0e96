import { View } from 'react-native';
import type { MissedWhy, PickStop as Pick } from '@/core/journal/entry';
import { useDraft, useGarden, useRecord } from '@/data/provider';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format';
import { MISSED } from '../words/names';
import { StopCard, type StopProps } from './StopCard';

const WHYS: readonly MissedWhy[] = ['hole', 'insect', 'open', 'wilted', 'broke', 'notFound'];

/** Picking the males of one plant: each exception marks one of them unfit. */
export function PickStop({ stop, ...shared }: StopProps & { readonly stop: Pick }) {
  const f = useFormat();
  const { journal } = useGarden().store;
  const record = useRecord();
  const [unfit, setUnfit, dropUnfit] = useDraft<readonly MissedWhy[]>(`pick/${stop.stop}`, []);
  const whys = unfit ?? [];
  const total = stop.flowers.length;
  const good = total - whys.length;
  const covered = stop.flowers.some((id) => {
    const method = journal.all('flower').get(id)?.cover?.method;
    return method !== undefined && method !== 'none';
  });
  const mark = (why: MissedWhy): void => {
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
          flowers: stop.flowers.slice(whys.length),
          spoiled: whys.map((why, i) => ({ flower: stop.flowers[i]!, why })),
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
      exceptions={WHYS.map((why) => ({ title: MISSED[why], onPress: () => mark(why) }))}
      done={{ title: good > 0 ? 'Done' : 'None, go on', onPress: done }}
    >
      <View style={{ marginTop: SPACE.m, gap: SPACE.xs }}>
        <Words kind="stop" live>
          {pick}
        </Words>
        <Words>
          {covered
            ? 'Look for holes. Pull the petals off down to the base, and keep the pollen dry.'
            : 'Pull the petals off down to the base, and keep the pollen dry.'}
        </Words>
        {whys.length > 0 ? (
          <Words tone="rust" live>
            {`Not used: ${whys.map((why) => MISSED[why].toLowerCase()).join(', ')}.`}
          </Words>
        ) : null}
      </View>
    </StopCard>
  );
}
