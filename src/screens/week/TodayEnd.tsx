import { useRouter } from 'expo-router';
import type { Today } from '@/core/today/today';
import { seasonLooksOver } from '@/core/years/seasonOver';
import { useView } from '@/data/hooks/useView';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { useFormat } from '../format/useFormat';
import { BackupDue } from './BackupDue';
import { SeedQuestions } from './SeedQuestions';
import { SuppliesLines } from './SuppliesLines';

/** What stands at the end of Today: what runs out, and a season that looks over. */
export function TodayEnd({ today }: { readonly today: Today }) {
  const router = useRouter();
  const f = useFormat();
  const last = useView('season-over', [], ({ store: { journal } }) => ({
    last: seasonLooksOver(journal, today.day),
  }))?.last;
  return (
    <>
      {last ? (
        <ListRow
          glyph={<Glyph name="today" size={28} />}
          title="Is the season over?"
          note={`The last flower opened on ${f.date(last)}. Close the season, and nothing is asked of its plants any more.`}
          onPress={() => router.push('/garden/close')}
        />
      ) : null}
      <BackupDue />
      <SeedQuestions />
      <SuppliesLines today={today} />
    </>
  );
}
