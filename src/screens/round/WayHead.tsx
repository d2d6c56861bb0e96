import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { PegString } from '@/ui/charts/PegString';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Measured } from '../shell/Measured';

const NONE: ReadonlySet<number> = new Set();

export interface WayHeadProps {
  /** How much is left. */
  readonly left: string;
  /** `Stop`, `Plant`: what a peg stands for. */
  readonly peg: string;
  readonly count: number;
  readonly at: number;
  readonly missed?: ReadonlySet<number>;
  /** `the round`, `the walk`. */
  readonly way: string;
  /** Between what is left and the way out. */
  readonly children?: ReactNode;
}

/** Over each stop of a way through the garden: what is left, where one is, and the way out. */
export function WayHead({ left, peg, count, at, missed = NONE, way, children }: WayHeadProps) {
  const router = useRouter();
  return (
    <View style={{ gap: SPACE.xs }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.s }}>
        <Words kind="strong" style={{ flex: 1 }}>
          {left}
        </Words>
        {children}
        <Action
          kind="quiet"
          title="Pause"
          label={`Pause ${way}, back to Today`}
          onPress={() => router.replace('/')}
        />
      </View>
      <Measured>
        {(width) => (
          <PegString
            width={width}
            count={count}
            at={at}
            missed={missed}
            label={`${peg} ${at + 1} of ${count}`}
          />
        )}
      </Measured>
    </View>
  );
}

/** Under a way walked to its end: back to Today, and one thing beside it. */
export function WayEndFoot({ children }: { readonly children: ReactNode }) {
  const router = useRouter();
  return (
    <View style={{ flexDirection: 'row', gap: SPACE.s }}>
      <Action
        kind="main"
        size="big"
        title="Back to Today"
        onPress={() => router.replace('/')}
        style={{ flex: 1 }}
      />
      {children}
    </View>
  );
}
