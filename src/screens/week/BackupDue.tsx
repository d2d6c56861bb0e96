import { useRouter } from 'expo-router';
import { toMs } from '@/core/time/calendar';
import { isBackupDue } from '@/data/device/keeping';
import { useDevice } from '@/data/hooks/useDevice';
import { useGarden } from '@/data/hooks/useGarden';
import { useKeeping } from '@/data/hooks/useKeeping';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { useFormat } from '../format/useFormat';
import { KEEPING, sayBackupAge } from '../words/keeping';

/** Asks for a backup before a season's records hang on one browser. */
export function BackupDue() {
  const router = useRouter();
  const f = useFormat();
  const device = useDevice();
  const { store, demo } = useGarden();
  const keeping = useKeeping()?.keeping;
  const [first] = store.journal.entriesAbout('garden', '');
  const { newest } = store;
  if (demo || !keeping || !first || newest === undefined) return null;
  const now = store.clock.now();
  const lastBackup = device.lastBackup(store.id);
  if (!isBackupDue(keeping, { begun: toMs(first.recorded), newest, lastBackup }, now)) return null;
  return (
    <ListRow
      glyph={<Glyph name="unsaved" size={28} />}
      title="Back up the garden"
      note={`${sayBackupAge(lastBackup, now, f.number)}${keeping === 'kept' ? '' : ` ${KEEPING[keeping]}`}`}
      onPress={() => router.push('/more/files')}
    />
  );
}
