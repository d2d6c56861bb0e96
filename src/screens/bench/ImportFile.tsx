import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { StoredEntry } from '@/core/journal/entry';
import type { Backup, ImportPreview, Refusal } from '@/data/files/backup';
import { pickFile } from '@/data/files/pick';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { DEMO_GARDEN, importGarden } from '@/data/garden/session';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { Outdated } from '@/worker/client';
import { useFormat } from '../format/useFormat';
import { sayRefusal } from '../words/refusals';

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading'; readonly stop: () => void }
  | { readonly at: 'refused'; readonly text: string }
  | { readonly at: 'preview'; readonly preview: ImportPreview; readonly same: boolean }
  | { readonly at: 'done'; readonly fresh: number };

/** Imports a backup: first a preview, then all of it or nothing. */
export function ImportFile() {
  const f = useFormat();
  const router = useRouter();
  const device = useDevice();
  const { store, demo, open } = useGarden();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });

  const choose = async (): Promise<void> => {
    const file = await pickFile('.json,application/json');
    if (!file) return;
    const [{ previewImport }, { backupChecker }] = await Promise.all([
      import('@/data/files/backup'),
      import('@/data/files/checkBackup'),
    ]);
    const checker = backupChecker();
    setStage({ at: 'reading', stop: () => checker.cancel() });
    const checked = await checker
      .ask(async (check): Promise<Refusal | undefined> => check.refusal(file.text))
      .then((refusal) => ({ refusal }))
      .catch((error: unknown) => {
        if (error instanceof Outdated) return undefined;
        throw error;
      });
    if (!checked) return setStage({ at: 'idle' });
    if (checked.refusal) return setStage({ at: 'refused', text: sayRefusal(checked.refusal) });
    const backup = JSON.parse(file.text) as Backup;
    const same = backup.garden === store.id;
    if (backup.garden === DEMO_GARDEN && !demo) {
      return setStage({
        at: 'refused',
        text: 'This is the demo garden. Open the demo first to import it there.',
      });
    }
    const held = new Map<string, StoredEntry>(
      same ? store.allEntries().map((entry) => [entry.id, entry]) : [],
    );
    const preview = previewImport(backup, held);
    if ('refusal' in preview) setStage({ at: 'refused', text: sayRefusal(preview.refusal) });
    else setStage({ at: 'preview', preview, same });
  };

  const importIt = async ({ preview, same }: Extract<Stage, { at: 'preview' }>): Promise<void> => {
    const { garden, name, entries } = preview.backup;
    try {
      if (same) await store.importEntries(entries);
      else {
        await open(await importGarden(device, garden, name, entries));
        router.replace('/');
      }
      setStage({ at: 'done', fresh: preview.fresh });
    } catch {
      setStage({
        at: 'refused',
        text: 'The device refused to store it. Nothing was imported; is its disk full?',
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
        <Button title="Import a backup" onPress={() => void choose()} />
      )}
      {stage.at === 'refused' ? (
        <Text tone="rust" live>
          {stage.text} Nothing was changed.
        </Text>
      ) : null}
      {stage.at === 'preview' ? <Preview stage={stage} onImport={() => void importIt(stage)} /> : null}
      {stage.at === 'done' ? (
        <Text live>{`${f.count(stage.fresh, 'new entry', 'new entries')} imported.`}</Text>
      ) : null}
    </View>
  );
}

function Preview({
  stage,
  onImport,
}: {
  readonly stage: Extract<Stage, { at: 'preview' }>;
  readonly onImport: () => void;
}) {
  const f = useFormat();
  const { preview, same } = stage;
  const { fresh, known, from, to, backup } = preview;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text live>
        {same
          ? `${f.count(fresh, 'new entry', 'new entries')}, ${f.number(known)} already here.`
          : `Another garden, ${backup.name}: ${f.count(fresh, 'entry', 'entries')}. It is stored next to this one.`}
        {from && to ? ` From ${f.shortDay(from)} to ${f.shortDay(to)}.` : ''}
      </Text>
      {fresh > 0 ? (
        <Button variant="main" size="big" title="Import" onPress={onImport} />
      ) : (
        <Text>There is nothing new in it.</Text>
      )}
    </View>
  );
}
