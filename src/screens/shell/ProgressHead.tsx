import { useRouter, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { Work } from '@/core/journal/undo';
import { PegString } from '@/ui/charts/PegString';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { WithUndo } from './WithUndo';
import { WithWidth } from './WithWidth';

const NONE: ReadonlySet<number> = new Set();

export interface ProgressHeadProps {
  /** How much is left. */
  readonly left: string;
  /** `Stop`, `Plant`: what a peg stands for. */
  readonly peg: string;
  readonly count: number;
  readonly at: number;
  /** Of several things to do at one peg: which, from 0. */
  readonly step?: { readonly at: number; readonly of: number };
  readonly missed?: ReadonlySet<number>;
  /** `the round`, `the walk`. */
  readonly of: string;
  /** Between what is left and Pause. */
  readonly children?: ReactNode;
}

/** Above each stop of a walk or round: what is left, where one is, and Pause. */
export function ProgressHead({ left, peg, count, at, step, missed = NONE, of, children }: ProgressHeadProps) {
  const router = useRouter();
  return (
    <View style={{ gap: SPACE.xs }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.s }}>
        <Text variant="strong" style={{ flexGrow: 1, flexShrink: 1, flexBasis: 60 }}>
          {left}
        </Text>
        {children}
        <Button
          variant="quiet"
          title="Pause"
          label={`Pause ${of}, back to Today`}
          onPress={() => router.replace('/')}
        />
      </View>
      <WithWidth ofColumn>
        {(width) => (
          <PegString
            width={width}
            count={count}
            at={at}
            missed={missed}
            label={`${peg} ${at + 1} of ${count}${step && step.of > 1 ? `, step ${step.at + 1} of ${step.of}` : ''}`}
          />
        )}
      </WithWidth>
    </View>
  );
}

interface FootProps {
  /** Where one came from: Today, where nothing else is said. */
  readonly back?: { readonly title: string; readonly to: Href };
}

const TODAY = { title: 'Back to Today', to: '/' } as const;

/** Below a page whose work is done: back where one came from, and one thing next to it. */
export function ProgressFoot({ back = TODAY, children }: FootProps & { readonly children: ReactNode }) {
  const router = useRouter();
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.s }}>
      <Button
        variant="main"
        size="big"
        title={back.title}
        onPress={() => router.replace(back.to)}
        style={{ flex: 1 }}
      />
      {children}
    </View>
  );
}

/** The same with Undo, for what is recorded on the page itself. */
export const UndoFoot = ({ work, back }: FootProps & { readonly work: Work }) => (
  <ProgressFoot back={back}>
    <WithUndo work={work} size="big" />
  </ProgressFoot>
);
