import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { Opening as OpeningState } from '@/data/hooks/opening';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { PAGE_WIDTH, SPACE } from '@/ui/theme';

export interface LoadingPageProps {
  readonly opening: OpeningState;
  /** Where the page will have a picture. */
  readonly ground?: ReactNode;
}

/**
 * While the garden opens, and when that failed. It is in the page before any script, with places for what comes: its
 * words are as many as those of Today, so that nothing larger is waited for.
 */
export function LoadingPage({ opening, ground }: LoadingPageProps) {
  if (opening.state !== 'failed') {
    return (
      <View role="main" style={{ padding: SPACE.l }}>
        <Text variant="small" tone="soft">
          Opening the garden…
        </Text>
        <Text variant="title" level={1} style={{ marginTop: SPACE.s }}>
          Steady Trowel
        </Text>
        <Text style={{ fontSize: 18, marginTop: SPACE.xs, maxWidth: PAGE_WIDTH }}>
          Which flowers open next, when to be there, whose pollen goes where, and what has come of it: what
          you recorded is being read.
        </Text>
        {opening.state === 'opening' && opening.slow ? <Slow /> : ground}
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
