import { useState } from 'react';
import { View } from 'react-native';
import { useGarden } from '@/data/hooks/useGarden';
import { useNow } from '@/data/hooks/useNow';
import type { Syncer, SyncView } from '@/data/sync/syncer';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Confirm } from '../shell/Confirm';
import { sayAgo, sayPhone } from '../words/sync';

export interface Paired {
  readonly syncer: Syncer;
  readonly view: SyncView;
}

/** The phones of the garden, by the letter on their tags, and when each was last heard of. */
export function PhoneList({ syncer, view }: Paired) {
  const f = useFormat();
  const now = useNow();
  const { store } = useGarden();
  const [removing, setRemoving] = useState<{ readonly member: string; readonly name: string }>();
  const letterOf = (device: string): string | undefined => store.journal.all('device').get(device)?.letter;
  const { others = {}, removed = [] } = view.pairing ?? {};
  const phones = Object.entries(others)
    .filter(([member]) => !removed.includes(member))
    .sort(([, a], [, b]) => b.heard - a.heard);
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Phones
      </Text>
      <Text>{`This one: ${sayPhone(letterOf(store.device))}`}</Text>
      {phones.map(([member, { device, heard }]) => {
        const name = sayPhone(letterOf(device));
        return (
          <View
            key={member}
            style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.m }}
          >
            <Text
              style={{ flexGrow: 1 }}
            >{`${name}, its newest records came ${sayAgo(now - heard, f)}`}</Text>
            <Button
              size="small"
              variant="loss"
              title="Remove"
              label={`Remove ${name}`}
              onPress={() => setRemoving({ member, name })}
            />
          </View>
        );
      })}
      {phones.length === 0 ? <Text tone="soft">No other phone yet.</Text> : null}
      <Confirm
        title={`Remove ${removing?.name ?? ''}?`}
        open={removing !== undefined}
        action="Yes, remove it"
        onClose={() => setRemoving(undefined)}
        onAction={() => {
          if (removing) void syncer.remove(removing.member);
          setRemoving(undefined);
        }}
      >
        <Text>
          For a phone that was lost, or that is somebody else’s now. It gets nothing more: the garden has a
          new key from then on, which the other phones are given. What it recorded and its tags stay, and no
          other phone gets its letter. What is on it cannot be deleted from here.
        </Text>
      </Confirm>
    </View>
  );
}
