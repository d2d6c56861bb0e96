import { View } from 'react-native';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import { useSync } from '@/data/hooks/useSync';
import type { Syncer, SyncView } from '@/data/sync/syncer';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Page } from '../shell/Page';
import { sayConcerns, saySynced, SYNC_FAILURES } from '../words/sync';
import { AddPhone } from './AddPhone';
import { JoinGarden } from './JoinGarden';
import { PhoneList } from './PhoneList';
import { Recovery } from './Recovery';
import { StopSyncing } from './StopSyncing';
import { useTried } from './useTried';

/** One garden on several phones: what was exchanged, which phones there are, and how one more comes. */
export function PhonesScreen() {
  const { demo } = useGarden();
  const { syncer, view } = useSync();
  const paired = syncer && view?.pairing ? { syncer, view } : undefined;
  return (
    <Page
      title="Several phones"
      aside={
        paired ? (
          <View style={{ gap: SPACE.xl, marginTop: SPACE.l }}>
            <Recovery {...paired} />
            <StopSyncing {...paired} />
          </View>
        ) : null
      }
    >
      <View style={{ gap: SPACE.xl }}>
        {paired ? (
          <>
            <Synced {...paired} />
            <PhoneList {...paired} />
            <AddPhone {...paired} />
          </>
        ) : demo ? (
          <Text>
            The demo stays on this device. With a garden of your own, several phones work on one plan: each
            goes on without a signal, and they exchange what they recorded when there is one.
          </Text>
        ) : view?.at === 'off' && syncer ? (
          <BeginSync syncer={syncer} />
        ) : (
          <Text tone="soft">One moment…</Text>
        )}
        {paired ? null : <JoinGarden />}
      </View>
    </Page>
  );
}

/** What was exchanged, and what went wrong. */
function Synced({ syncer, view }: { readonly syncer: Syncer; readonly view: SyncView }) {
  const f = useFormat();
  const now = useNow();
  return (
    <View style={{ gap: SPACE.s }}>
      <Text live>
        {view.at === 'elsewhere' ? 'Another tab with this garden syncs.' : saySynced(view, now, f)}
      </Text>
      {view.failure ? (
        <Text tone="rust" live>
          {SYNC_FAILURES[view.failure]}
        </Text>
      ) : null}
      {sayConcerns(view.concerns, f).map((concern) => (
        <Text key={concern} tone="rust" live>
          {concern}
        </Text>
      ))}
      {view.at === 'elsewhere' ? null : (
        <Button title="Sync now" busy={view.at === 'working'} onPress={() => void syncer.now()} />
      )}
    </View>
  );
}

function BeginSync({ syncer }: { readonly syncer: Syncer }) {
  const { trouble, busy, tried } = useTried();
  return (
    <View style={{ gap: SPACE.s }}>
      <Text>
        Several phones work on this garden: each goes on without a signal, and they exchange what they
        recorded when there is one, through the server this app comes from.
      </Text>
      <Text>
        What leaves a phone is encrypted with a key that only your phones have: the server stores it and
        cannot read it. Nothing is sent until you turn it on.
      </Text>
      {trouble ? (
        <Text tone="rust" live>
          {trouble}
        </Text>
      ) : null}
      <Button
        variant="main"
        size="big"
        title="Sync this garden"
        busy={busy}
        onPress={() => void tried(() => syncer.begin())}
      />
    </View>
  );
}
