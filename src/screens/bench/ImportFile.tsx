import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { StoredEntry } from '@/core/journal/entry';
import type { Backup, ImportPreview, Refusal } from '@/data/files/backup';
import { pickFile } from '@/data/files/pick';
import { useDevice, useGarden } from '@/data/provider';
import { DEMO_GARDEN, importGarden } from '@/data/session';
import { Action } from '@/ui/parts/Action';
import { Words } from '@/ui/parts/Words';
import { SPACE } from '@/ui/theme';
import { Outdated } from '@/worker/client';
import { useFormat } from '../format';
import { sayRefusal } from '../words/refusals';

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading'; readonly stop: () => void }
  | { readonly at: 'refused'; readonly text: string }
  | { readonly at: 'preview'; readonly preview: ImportPreview; readonly same: boolean }
  | { readonly at: 'done'; readonly fresh: number };

/** Takes in a backup: first what it would do, then all of it or nothing. */
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
        text: 'This is the demo garden. Open the demo first to take it in there.',
      });
    }
    const held = new Map<string, StoredEntry>(
      same ? store.allEntries().map((entry) => [entry.id, entry]) : [],
    );
    const preview = previewImport(backup, held);
    if ('refusal' in preview) setStage({ at: 'refused', text: sayRefusal(preview.refusal) });
    else setStage({ at: 'preview', preview, same });
  };

  const take = async ({ preview, same }: Extract<Stage, { at: 'preview' }>): Promise<void> => {
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
        text: 'The device refused to store it. Nothing was taken in; is its disk full?',
      });
    }
  };

  return (
    <View style={{ gap: SPACE.s }}>
      <Words kind="heading" level={2}>
        In
      </Words>
      {stage.at === 'reading' ? (
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
          <Words live>Checking every entry…</Words>
          <Action title="Stop" onPress={stage.stop} />
        </View>
      ) : (
        <Action title="Take in a backup" onPress={() => void choose()} />
      )}
      {stage.at === 'refused' ? (
        <Words tone="rust" live>
          {stage.text} Nothing was changed.
        </Words>
      ) : null}
      {stage.at === 'preview' ? <Preview stage={stage} onTake={() => void take(stage)} /> : null}
      {stage.at === 'done' ? (
        <Words live>{`${f.count(stage.fresh, 'new entry', 'new entries')} taken in.`}</Words>
      ) : null}
    </View>
  );
}

function Preview({
  stage,
  onTake,
}: {
  readonly stage: Extract<Stage, { at: 'preview' }>;
  readonly onTake: () => void;
}) {
  const f = useFormat();
  const { preview, same } = stage;
  const { fresh, known, from, to, backup } = preview;
  return (
    <View style={{ gap: SPACE.s }}>
      <Words live>
        {same
          ? `${f.count(fresh, 'new entry', 'new entries')}, ${f.number(known)} already here.`
          : `Another garden, ${backup.name}: ${f.count(fresh, 'entry', 'entries')}. It is kept beside this one.`}
        {from && to ? ` From ${f.shortDay(from)} to ${f.shortDay(to)}.` : ''}
      </Words>
      {fresh > 0 ? (
        <Action kind="main" size="big" title="Take it in" onPress={onTake} />
      ) : (
        <Words>There is nothing new in it.</Words>
      )}
    </View>
  );
}
