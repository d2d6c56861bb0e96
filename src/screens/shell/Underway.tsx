import { useSyncExternalStore } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import type { LongAnswer, WorkProgress } from './useLongAnswer';

interface UnderwayProps {
  readonly work: Omit<LongAnswer<unknown>, 'answer' | 'last'>;
  /** What is done: “Planning the round”. */
  readonly doing: string;
  /** “Planning was stopped.” */
  readonly stoppedText: string;
  /** “Plan again”, “Stop planning”. */
  readonly againTitle: string;
  readonly stopLabel: string;
}

/** While something is worked out: how far that is, and a way to stop it. */
export function Underway({ work, doing, stoppedText, againTitle, stopLabel }: UnderwayProps) {
  const { progress, stopped, stop, again } = work;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m, marginVertical: SPACE.s }}>
      {stopped ? (
        <Text tone="soft" live style={{ flex: 1 }}>
          {stoppedText}
        </Text>
      ) : (
        <SoFar progress={progress} doing={doing} />
      )}
      <Button
        variant="quiet"
        title={stopped ? againTitle : 'Stop'}
        label={stopped ? againTitle : stopLabel}
        onPress={stopped ? again : stop}
      />
    </View>
  );
}

/** By itself: it is drawn often, and nothing else with it. */
function SoFar({ progress, doing }: { readonly progress: WorkProgress; readonly doing: string }) {
  const f = useFormat();
  const share = useSyncExternalStore(progress.subscribe, progress.share);
  return (
    <Text tone="soft" style={{ flex: 1 }}>
      {share > 0 ? `${doing}: ${f.percent(Math.round(share * 100) / 100)}` : `${doing}…`}
    </Text>
  );
}
