import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Page } from '../shell/Page';
import { RoundRows, type RoundRowsProps } from './RoundRows';

/** Where an outing was split between people: which of its rounds is walked with this device. */
export function ChooseRound(props: RoundRowsProps) {
  return (
    <Page title="Which round is yours?">
      <Text style={{ marginBottom: SPACE.m }}>
        The work is split. Tap the round that is walked with this phone; the other phones walk the others.
      </Text>
      <RoundRows {...props} />
    </Page>
  );
}
