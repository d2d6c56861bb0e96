import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { loadSync, useSync } from '@/data/hooks/useSync';
import type { Invitation } from '@/data/sync/invitation';
import { Button } from '@/ui/parts/Button';
import { Field } from '@/ui/parts/Field';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { ScanCode } from '../shell/ScanCode';
import { useTried } from './useTried';

const NO_CODE =
  'This is no code to join with. It has twelve letters and digits, or it is the whole address or line that another phone gave.';

/** Comes to a garden that another phone syncs: by its camera, or by a code that was read aloud. */
export function JoinGarden() {
  const device = useDevice();
  const router = useRouter();
  const { store, open } = useGarden();
  const { syncer } = useSync();
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<string>();
  const [way, setWay] = useState<'choose' | 'scan' | 'type'>('choose');
  const { trouble, busy, tried } = useTried();
  const [invited, setInvited] = useInvited();

  const joinWith = (find: () => Promise<Invitation>): Promise<void> =>
    tried(async () => {
      const { joinGarden, HttpSyncServer } = await loadSync();
      const invitation = await find();
      if (invitation.garden === store.id && syncer) await syncer.join(invitation);
      else {
        await open(await joinGarden(device, new HttpSyncServer(), invitation));
        router.replace('/');
      }
      setInvited(undefined);
    });

  const joinTyped = async (text: string): Promise<void> => {
    const { readInvitation, readSpokenCode, takeHandOver, HttpSyncServer } = await loadSync();
    const invitation = readInvitation(text);
    const code = readSpokenCode(text);
    setWrong(invitation || code ? undefined : NO_CODE);
    if (invitation) await joinWith(async () => invitation);
    else if (code) await joinWith(() => takeHandOver(new HttpSyncServer(), code));
  };

  return (
    <View style={{ gap: SPACE.m }}>
      <Text variant="heading" level={2}>
        {invited ? 'Join this garden?' : 'Join a garden'}
      </Text>
      {invited ? (
        <>
          <Text>
            Another phone invites this one to its garden. All of it comes here, and is exchanged from then on.
          </Text>
          <Button
            variant="main"
            size="big"
            title="Join"
            busy={busy}
            onPress={() => void joinWith(async () => invited)}
          />
        </>
      ) : way === 'choose' ? (
        <View style={{ gap: SPACE.s }}>
          <Text>That another phone syncs: there, open this page and tap Add a phone.</Text>
          <Button title="Scan its code" onPress={() => setWay('scan')} />
          <Button title="Type a code" onPress={() => setWay('type')} />
        </View>
      ) : way === 'scan' ? (
        <>
          <ScanCode
            what="Hold the code of the other phone in front of it."
            instead="type a code instead"
            error={wrong}
            onCode={(text) => {
              if (!text.includes('#st1.')) return false;
              setWay('choose');
              void joinTyped(text);
              return true;
            }}
          />
          <Button title="Type a code" onPress={() => setWay('type')} />
        </>
      ) : (
        <>
          <Field
            label="Code"
            note="The twelve letters that were read aloud, or the line of a recovery file"
            value={typed}
            onChange={setTyped}
            autoCapitalize="none"
            {...(wrong && { error: wrong })}
          />
          <Button variant="main" size="big" title="Join" busy={busy} onPress={() => void joinTyped(typed)} />
        </>
      )}
      {busy ? <Text live>The garden is coming…</Text> : null}
      {trouble ? (
        <Text tone="rust" live>
          {trouble}
        </Text>
      ) : null}
    </View>
  );
}

/** The invitation in the page's address, which is taken out of it at once: no picture of the screen gives it away. */
function useInvited(): readonly [Invitation | undefined, (invited: Invitation | undefined) => void] {
  const [invited, setInvited] = useState<Invitation>();
  useEffect(() => {
    const { hash, pathname } = window.location;
    if (!hash.startsWith('#st1.')) return;
    window.history.replaceState(window.history.state, '', pathname);
    loadSync().then(
      ({ readInvitation }) => setInvited(readInvitation(hash)),
      () => undefined,
    );
  }, []);
  return [invited, setInvited];
}
