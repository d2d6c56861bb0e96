import { View } from 'react-native';
import type { Opening as OpeningState } from '@/data/provider';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';

/** While the garden opens, and when it would not. */
export function Opening({ opening }: { readonly opening: OpeningState }) {
  if (opening.state !== 'failed') {
    return (
      <View role="main" style={{ padding: SPACE.l }}>
        <Words kind="title" level={1}>
          Steady Trowel
        </Words>
        <Words tone="soft">Opening the garden…</Words>
      </View>
    );
  }
  return (
    <View role="main" style={{ padding: SPACE.l, gap: SPACE.m, maxWidth: 560 }}>
      <Words kind="title" level={1}>
        The garden would not open
      </Words>
      <Words>
        Nothing stored was changed. Often a second try helps; a full disk or a private window can be the
        cause.
      </Words>
      <Words kind="small" tone="soft">
        {opening.error instanceof Error && opening.error.message
          ? opening.error.message
          : 'The device gave no reason.'}
      </Words>
      <Action kind="main" size="big" title="Try again" onPress={opening.retry} />
    </View>
  );
}
