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
        {opening.state === 'opening' && opening.slow ? <Slow /> : null}
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

/** The browser's storage does not answer, which no error tells. */
function Slow() {
  return (
    <View style={{ gap: SPACE.m, marginTop: SPACE.l, maxWidth: 560 }}>
      <Text live>
        The browser’s storage has not answered for some seconds. Nothing stored was changed. Close other tabs
        of Steady Trowel and load this page again; if that does not help, close the browser and open it again.
      </Text>
      <Button variant="main" size="big" title="Load again" onPress={() => window.location.reload()} />
    </View>
  );
}
