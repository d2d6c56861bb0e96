import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Backup, ImportPreview, Refusal } from '@/data/files/backup';
import type { BackupCheck, CheckedBackup } from '@/data/files/checkBackup';
import type { Unpacked } from '@/data/files/tables/readPackage';
import { pickFile, type PickedFile } from '@/data/files/pick';
import { isZip } from '@/data/files/zip';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { errorText } from '@/data/device/errorText';
import type { DeviceStore, GardenListing } from '@/data/device/deviceStore';
import { ChangedEntries } from '@/data/garden/changedEntries';
import type { GardenStore } from '@/data/garden/gardenStore';
import { DEMO_GARDEN, entriesOf, importGarden, NotOpened } from '@/data/garden/session';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Outdated, type WorkerClient } from '@/worker/client';
import { useFormat } from '../format/useFormat';
import { sayRefusal } from '../words/refusals';

/** Where the garden of the file is: open, elsewhere on this device, taken off its list, or not here yet. */
type Where = 'open' | 'here' | 'removed' | 'new';

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading'; readonly stop: () => void }
  | { readonly at: 'refused'; readonly text: string }
  | {
      readonly at: 'preview';
      readonly preview: ImportPreview;
      readonly where: Where;
      readonly changed: readonly string[];
    }
  | { readonly at: 'notOpened'; readonly name: string }
  | { readonly at: 'done'; readonly fresh: number };

/** Imports a backup: first a preview, then all of it or nothing. */
export function ImportFile() {
  const f = useFormat();
  const router = useRouter();
  const device = useDevice();
  const { store, demo, open } = useGarden();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });

  const choose = async (): Promise<void> => {
    const file = await pickFile('.json,.zip,application/json,application/zip');
    if (!file) return;
    const { backupChecker } = await import('@/data/files/checkBackup');
    const checker = backupChecker();
    let stopped = false;
    setStage({
      at: 'reading',
      stop: () => {
        stopped = true;
        checker.cancel();
        setStage({ at: 'idle' });
      },
    });
    const next = await looked(file, checker, { device, store, demo }).catch((error: unknown): Stage => {
      if (error instanceof Outdated) return { at: 'idle' };
      return { at: 'refused', text: errorText(error) };
    });
    if (!stopped) setStage(next);
  };

  const importIt = async ({ preview, where }: Extract<Stage, { at: 'preview' }>): Promise<void> => {
    const { garden, name, entries } = preview.backup;
    try {
      if (where === 'open') await store.importEntries(entries);
      else {
        await open(await importGarden(device, garden, name, entries));
        router.replace('/');
      }
      setStage({ at: 'done', fresh: preview.fresh });
    } catch (error) {
      if (error instanceof NotOpened) setStage({ at: 'notOpened', name });
      else
        setStage({
          at: 'refused',
          text:
            error instanceof ChangedEntries
              ? sayRefusal({ why: 'changedEntries', ids: error.ids })
              : 'The device refused to store it. Is its disk full?',
        });
    }
  };

  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        Import
      </Text>
      {stage.at === 'reading' ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
          <Text live>Checking every entry…</Text>
          <Button title="Stop" onPress={stage.stop} />
        </View>
      ) : (
        <>
          <Button title="Import a backup" onPress={() => void choose()} />
          <Text variant="small" tone="soft">
            A garden that was exported (.json), or its tables for statistics (.zip).
          </Text>
        </>
      )}
      {stage.at === 'refused' ? (
        <Text tone="rust" live>
          {stage.text} Nothing was changed.
        </Text>
      ) : null}
      {stage.at === 'notOpened' ? (
        <Text tone="rust" live>
          {`The entries of ${stage.name} are stored. That it be opened is not: the device refused. Is its disk full? Open it from More.`}
        </Text>
      ) : null}
      {stage.at === 'preview' ? <Preview stage={stage} onImport={() => void importIt(stage)} /> : null}
      {stage.at === 'done' ? (
        <Text live>{`${f.count(stage.fresh, 'new entry', 'new entries')} imported.`}</Text>
      ) : null}
    </View>
  );
}

interface Here {
  readonly device: DeviceStore;
  readonly store: GardenStore;
  readonly demo: boolean;
}

/** What a chosen file holds, compared with all that is held here of its garden. */
async function looked(
  file: PickedFile,
  checker: WorkerClient<BackupCheck>,
  { device, store, demo }: Here,
): Promise<Stage> {
  const { LARGEST_FILE, previewImport } = await import('@/data/files/backup');
  const refused = (refusal: Refusal): Stage => ({ at: 'refused', text: sayRefusal(refusal) });
  if (file.size > LARGEST_FILE) return refused({ why: 'tooLarge' });
  const bytes = new Uint8Array(await file.bytes());
  const unpacked = isZip(bytes)
    ? await checker.ask(async (check): Promise<Unpacked> => check.unpack(bytes))
    : { backup: new TextDecoder().decode(bytes), changed: [] };
  if ('refusal' in unpacked) return refused(unpacked.refusal);
  const { backup: text, changed } = unpacked;
  const checked = await checker.ask(async (check): Promise<CheckedBackup> => check.check(text));
  if ('refusal' in checked) return refused(checked.refusal);
  const backup = JSON.parse(text) as Backup;
  if (backup.garden === DEMO_GARDEN && !demo)
    return { at: 'refused', text: 'This is the demo garden. Open the demo first to import it there.' };
  const where = whereIs(backup.garden, { device, store });
  if (where === 'new' && !checked.describes) return refused({ why: 'noGarden' });
  if (where === 'open') await store.reading.readAll();
  const others = where === 'here' || where === 'removed' ? await entriesOf(device, backup.garden) : undefined;
  const preview = previewImport(backup, (id) =>
    where === 'open' ? store.journal.entry(id) : others?.get(id),
  );
  return 'refusal' in preview ? refused(preview.refusal) : { at: 'preview', preview, where, changed };
}

function whereIs(garden: string, { device, store }: Pick<Here, 'device' | 'store'>): Where {
  if (garden === store.id) return 'open';
  const among = (gardens: readonly GardenListing[]): boolean => gardens.some(({ id }) => id === garden);
  if (among(device.gardens)) return 'here';
  return among(device.removed) ? 'removed' : 'new';
}

const ELSEWHERE: Readonly<Record<Exclude<Where, 'new'>, (name: string) => string>> = {
  open: () => '',
  here: (name) => `${name}, which is on this device and not open: `,
  removed: (name) => `${name}, which was removed here and is put back by this: `,
};

function Preview({
  stage,
  onImport,
}: {
  readonly stage: Extract<Stage, { at: 'preview' }>;
  readonly onImport: () => void;
}) {
  const f = useFormat();
  const { preview, where, changed } = stage;
  const { fresh, known, from, to, backup } = preview;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text live>
        {where === 'new'
          ? `Another garden, ${backup.name}: ${f.count(fresh, 'entry', 'entries')}. It is stored next to this one.`
          : `${ELSEWHERE[where](backup.name)}${f.count(fresh, 'new entry', 'new entries')}, ${f.number(known)} already here.`}
        {from && to ? ` From ${f.shortDay(from)} to ${f.shortDay(to)}.` : ''}
      </Text>
      {changed.length > 0 ? (
        <Text tone="rust">
          {`Edited after the export, and not read: ${changed.join(', ')}. Only what was recorded in the garden is imported.`}
        </Text>
      ) : null}
      {fresh > 0 || where === 'removed' ? (
        <Button variant="main" size="big" title={fresh > 0 ? 'Import' : 'Put it back'} onPress={onImport} />
      ) : (
        <Text>There is nothing new in it.</Text>
      )}
    </View>
  );
}
