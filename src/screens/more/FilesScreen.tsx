import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { GardenListing } from '@/data/device/deviceStore';
import { adopt, eraseGarden } from '@/data/garden/session';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { useOpened } from '@/data/hooks/opening';
import type { SetAside } from '@/data/log/entryLog';
import { download } from '@/data/files/download';
import { Button } from '@/ui/parts/Button';
import { ListRow } from '@/ui/parts/ListRow';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Confirm, type ConfirmProps } from '../shell/Confirm';
import { Page } from '../shell/Page';
import { sayBackupAge } from '../words/keeping';
import { ExportGarden, OtherPrograms } from './Exports';
import { HowKept } from './HowKept';
import { ImportFile } from './ImportFile';

/** Export and import, what is unsaved or damaged, and removing a garden. */
export function FilesScreen() {
  const f = useFormat();
  const device = useDevice();
  const { store, demo } = useGarden();
  const garden = store.described;
  const now = store.clock.now();
  return (
    <Page
      title="Files"
      aside={
        <View style={{ gap: SPACE.l, marginTop: SPACE.l }}>
          <Trouble />
          <RemovedGardens />
          {demo ? <ResetDemo /> : <RemoveGarden />}
        </View>
      }
    >
      <View style={{ gap: SPACE.l }}>
        {garden ? (
          <View style={{ gap: SPACE.s }}>
            <Text variant="heading" level={2}>
              Export
            </Text>
            <Text>{sayBackupAge(device.lastBackup(store.id), now, f.number)}</Text>
            {demo ? null : <HowKept />}
            <ExportGarden garden={garden} />
          </View>
        ) : null}
        <ImportFile />
        {garden ? <OtherPrograms garden={garden} /> : null}
      </View>
    </Page>
  );
}

/** Entries not on disk, and parts of the log that could not be read. */
function Trouble() {
  const f = useFormat();
  const { store } = useGarden();
  return (
    <>
      {store.unsaved.length > 0 ? (
        <View>
          <Text variant="heading" level={2}>
            Not saved yet
          </Text>
          <Text>
            The device refused these: often its disk is full. They stay while this page is open, and are in
            every export.
          </Text>
          {store.unsaved.slice(0, 50).map((entry) => (
            <ListRow key={entry.id} title={entry.kind} note={f.time(Date.parse(entry.at))} />
          ))}
          <Button title="Try now" onPress={() => void store.retryUnsaved()} />
        </View>
      ) : null}
      {store.damage.map((damage) => (
        <View key={damage.key} style={{ gap: SPACE.xs }}>
          <Text variant="heading" level={2} tone="rust">
            Records that could not be read
          </Text>
          <Text>
            {`${f.number(damage.recovered)} of ${damage.expected === undefined ? 'an unknown number of' : f.number(damage.expected)} entries were recovered`}
            {damage.from && damage.to
              ? `, from ${f.shortDay(damage.from)} to ${f.shortDay(damage.to)}.`
              : '.'}{' '}
            The rest of the garden is not affected. Importing a backup that contains them repairs it.
          </Text>
          {damage.aside.length > 0 ? (
            <Text>
              {`${f.count(damage.aside.length, 'entry was', 'entries were')} altered and set aside: ${damage.aside.slice(0, MAX_ASIDE).map(sayAside).join('; ')}${damage.aside.length > MAX_ASIDE ? ' …' : ''}.`}
            </Text>
          ) : null}
          {damage.text ? (
            <Button
              title="Save the raw text"
              onPress={() => download(`${damage.key.replace('/', '-')}.txt`, damage.text, 'text/plain')}
            />
          ) : null}
        </View>
      ))}
    </>
  );
}

/** Altered entries named at once. */
const MAX_ASIDE = 5;

const sayAside = ({ entry, fault }: SetAside): string =>
  `${entry.kind}, whose ${fault.field} should be ${fault.expected}, but is ${fault.found}`;

function RemoveGarden() {
  const device = useDevice();
  const router = useRouter();
  const { store, open } = useGarden();
  const remove = async (): Promise<void> => {
    await device.removeGarden(store.id);
    await open(device.current);
    router.replace('/more/files');
  };
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Remove
      </Text>
      <Text>Takes this garden off the device’s list. It can be put back here.</Text>
      <Button variant="loss" title="Remove the garden" onPress={() => void remove()} />
    </View>
  );
}

/** Gardens that can be put back, and deleted for good. */
function RemovedGardens() {
  const device = useDevice();
  const router = useRouter();
  const { store, open } = useGarden();
  const { waiting } = useOpened();
  const [erasing, setErasing] = useState<GardenListing>();
  // One that is on its way out is still open: the page is drawn again when the next one is, and a tap would be lost.
  const removed = device.removed.filter(({ id }) => id !== store.id);
  const putBack = async (garden: GardenListing): Promise<void> => {
    await open(await adopt(device, garden));
    router.replace('/');
  };
  if (removed.length === 0) return null;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Removed
      </Text>
      {removed.map((garden) => (
        <View key={garden.id} style={{ gap: SPACE.s }}>
          <Text
            variant="strong"
            live
          >{`${garden.name} was removed. Its records are still on this device.`}</Text>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s }}>
            <Button
              title="Undo"
              label={`Undo: put ${garden.name} back`}
              onPress={() => void putBack(garden)}
            />
            <Button
              variant="loss"
              title="Delete for good"
              label={`Delete for good: ${garden.name}`}
              onPress={() => setErasing(garden)}
            />
          </View>
        </View>
      ))}
      <ForGood
        title={`Delete ${erasing?.name ?? ''} for good?`}
        open={erasing !== undefined}
        action="Yes, delete it"
        onClose={() => setErasing(undefined)}
        onAction={async () => {
          const held = waiting.find(({ id }) => id === erasing?.id);
          if (erasing) await eraseGarden(device, erasing.id, held);
          setErasing(undefined);
        }}
      />
    </View>
  );
}

function ResetDemo() {
  const device = useDevice();
  const router = useRouter();
  const { store, open } = useGarden();
  const [asking, setAsking] = useState(false);
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Reset
      </Text>
      <Text>Puts the demo back to its beginning. What you did in it is deleted.</Text>
      <Button variant="loss" title="Reset the demo" onPress={() => setAsking(true)} />
      <ForGood
        title="Reset the demo?"
        open={asking}
        action="Yes, reset it"
        onClose={() => setAsking(false)}
        onAction={async () => {
          await store.wipe();
          await device.forgetClock();
          await open(device.current);
          router.replace('/');
        }}
      />
    </View>
  );
}

type ForGoodProps = Omit<ConfirmProps, 'children' | 'onAction'> & { readonly onAction: () => Promise<void> };

/** Asked before what cannot be undone. */
const ForGood = ({ onAction, ...asked }: ForGoodProps) => (
  <Confirm {...asked} onAction={() => void onAction()}>
    <Text>This cannot be undone.</Text>
  </Confirm>
);
