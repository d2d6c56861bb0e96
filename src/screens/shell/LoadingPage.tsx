import { View } from 'react-native';
import type { Opening as OpeningState } from '@/data/hooks/opening';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';

/** While the garden opens, and when that failed. */
export function LoadingPage({ opening }: { readonly opening: OpeningState }) {
  if (opening.state !== 'failed') {
    return (
      <View role="main" style={{ padding: SPACE.l }}>
        <Text variant="title" level={1}>
          Steady Trowel
        </Text>
        <Text tone="soft">Opening the garden…</Text>
      </View>
    );
  }
  return (
    <View role="main" style={{ padding: SPACE.l, gap: SPACE.m, maxWidth: 560 }}>
      <Text variant="title" level={1}>
        The garden could not be opened
      </Text>
      <Text>
        Nothing stored was changed. Often a second try helps; a full disk or a private window can be the
        cause.
      </Text>
      <Text variant="small" tone="soft">
        {opening.error instanceof Error && opening.error.message
          ? opening.error.message
          : 'The device gave no reason.'}
      </Text>
      <Button variant="main" size="big" title="Try again" onPress={opening.retry} />
    </View>
  );
}
