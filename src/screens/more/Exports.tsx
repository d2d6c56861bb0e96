import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { Garden } from '@/core/journal/state';
import { EXPORTS, saveExport, type ExportName } from '@/data/files/exports';
import { saveCalendar } from '@/data/files/saveCalendar';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { useWhole } from '@/data/hooks/useWhole';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { sayEvent } from '../words/calendar';
import { EXPORT_NAMES } from '../words/exports';

/** Beside the garden itself. */
const OTHERS = (Object.keys(EXPORTS) as ExportName[]).filter((name) => name !== 'garden');

interface Saving {
  /** Entries that are still to be read, while that is waited for. */
  readonly left: number | undefined;
  readonly stop: () => void;
  readonly busy: boolean;
  readonly failed: boolean;
  readonly save: (file: () => Promise<void>) => void;
}

/** Makes a file of the whole garden: every entry is read before any is written. */
function useSaving(): Saving {
  const { left, stop, whenWhole } = useWhole();
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState(false);
  const save = async (file: () => Promise<void>): Promise<void> => {
    setFailed(false);
    setBusy(true);
    await file().catch(() => setFailed(true));
    setBusy(false);
  };
  return { left, stop, busy, failed, save: (file) => whenWhole(() => save(file)) };
}

/** How far it has come, while it is not there yet. */
function SavingState({ left, stop, failed }: Pick<Saving, 'left' | 'stop' | 'failed'>) {
  const f = useFormat();
  const { store } = useGarden();
  if (left !== undefined)
    return (
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: SPACE.m }}>
        <Text
          live
        >{`Reading older entries: ${f.number(left)} of ${f.number(store.journal.size + store.reading.outstanding)} to go.`}</Text>
        <Button title="Stop" onPress={stop} />
      </View>
    );
  return failed ? (
    <Text live tone="rust">
      The file could not be made: perhaps this device’s memory is full. Close other pages, and try again.
    </Text>
  ) : null;
}

/** The whole garden, to import elsewhere. */
export function ExportGarden({ garden }: { readonly garden: Garden }) {
  const f = useFormat();
  const device = useDevice();
  const { store } = useGarden();
  const saving = useSaving();
  const total = store.journal.size + store.reading.outstanding;
  const save = async (): Promise<void> => {
    await saveExport('garden', { store, garden });
    await device.noteBackup(store.id, store.clock.now()).catch(() => undefined);
  };
  return (
    <>
      <SavingState {...saving} />
      {saving.left === undefined ? (
        <Button
          variant="main"
          size="big"
          title={EXPORT_NAMES.garden.action}
          disabled={saving.busy}
          onPress={() => saving.save(save)}
        />
      ) : null}
      <Text variant="small" tone="soft">
        {`All ${f.number(total)} entries in one file, including unsaved ones. You can import it on another phone.`}
      </Text>
    </>
  );
}

/** The same for programs of other kinds. */
export function OtherPrograms({ garden }: { readonly garden: Garden }) {
  const f = useFormat();
  const device = useDevice();
  const { store } = useGarden();
  const saving = useSaving();
  const { busy, left, save } = saving;
  return (
    <View style={{ gap: SPACE.s }}>
      <Text variant="heading" level={2}>
        For other programs
      </Text>
      <SavingState {...saving} />
      {OTHERS.map((name) => (
        <Exported key={name} note={EXPORT_NAMES[name].note}>
          <Button
            title={EXPORT_NAMES[name].action}
            disabled={busy || left !== undefined}
            onPress={() => save(() => saveExport(name, { store, garden }))}
          />
        </Exported>
      ))}
      <Exported note="Walks, rounds, looks, ripe fruit and seed work for your phone’s calendar (.ics). Save and open it again after a few days: what has changed is changed there, too.">
        <Button
          title="Save the calendar"
          disabled={busy || left !== undefined}
          onPress={() =>
            save(() => saveCalendar({ store, garden, device, say: (event) => sayEvent(event, f) }))
          }
        />
      </Exported>
    </View>
  );
}

interface ExportedProps {
  readonly note: string;
  readonly children: ReactNode;
}

/** A file that can be had, and what is in it. */
const Exported = ({ note, children }: ExportedProps) => (
  <View style={{ gap: SPACE.xs }}>
    {children}
    <Text variant="small" tone="soft">
      {note}
    </Text>
  </View>
);
