import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { loadSync } from '@/data/hooks/useSync';
import type { Syncer } from '@/data/sync/syncer';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { saySpokenCode } from '../words/sync';
import type { Paired } from './PhoneList';
import { QrCode } from './QrCode';
import { useTried } from './useTried';

/** Shows one more phone the way to the garden: a code for its camera, or one to read aloud. */
export function AddPhone({ syncer }: Paired) {
  const [open, setOpen] = useState(false);
  return (
    <View style={{ gap: SPACE.s }}>
      <Button variant="main" size="big" title="Add a phone" onPress={() => setOpen(true)} />
      <Sheet title="Add a phone" open={open} onClose={() => setOpen(false)} closeTitle="Close">
        <WithCamera syncer={syncer} />
        <Aloud syncer={syncer} />
      </Sheet>
    </View>
  );
}

const LOCAL = /^(localhost|127\.0\.0\.1|\[::1\])$/;

/** The address at which another phone joins; nothing where it cannot reach this server. */
async function addressToJoin(syncer: Syncer): Promise<string | undefined> {
  const { addresses } = await syncer.server.info();
  const { writeInvitation } = await loadSync();
  const here = window.location;
  const shared = addresses.find((address) => new URL(address).origin === here.origin) ?? addresses[0];
  if (!shared && LOCAL.test(here.hostname)) return undefined;
  const address = new URL(shared ?? here.origin);
  address.pathname = '/more/phones';
  address.hash = writeInvitation(syncer.invitation());
  return address.href;
}

function WithCamera({ syncer }: { readonly syncer: Syncer }) {
  const { data, isError } = useQuery({
    queryKey: ['join-address', syncer.invitation()],
    queryFn: async () => (await addressToJoin(syncer)) ?? null,
    gcTime: 0,
  });
  if (isError) return <Text tone="rust">The server does not answer. It has to be reached for this.</Text>;
  if (data === undefined) return <Text tone="soft">One moment…</Text>;
  if (data === null)
    return (
      <Text>
        Other phones cannot reach this computer yet. Stop it, start it again with “npm start -- --share”, and
        open this page again.
      </Text>
    );
  return (
    <View style={{ gap: SPACE.s }}>
      <Text>On the other phone, in the same network, scan this with its camera, and choose Join.</Text>
      <QrCode text={data} label="Code with which another phone joins the garden" />
      <Text variant="small" tone="soft">
        Whoever scans it can read the garden and write in it: show it to that phone alone.
      </Text>
    </View>
  );
}

function Aloud({ syncer }: { readonly syncer: Syncer }) {
  const [code, setCode] = useState<string>();
  const { trouble, busy, tried } = useTried();
  const make = (): Promise<void> => tried(async () => setCode(await syncer.spokenCode()));
  return (
    <View style={{ gap: SPACE.s }}>
      {code ? (
        <>
          <Text>On the other phone: More, Several phones, Join a garden. Read it these letters:</Text>
          <Text variant="code" live>
            {saySpokenCode(code)}
          </Text>
          <Text variant="small" tone="soft">
            For one phone, and for ten minutes.
          </Text>
        </>
      ) : (
        <Button title="A code to read aloud" busy={busy} onPress={() => void make()} />
      )}
      {trouble ? (
        <Text tone="rust" live>
          {trouble}
        </Text>
      ) : null}
    </View>
  );
}
