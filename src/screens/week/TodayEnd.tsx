import { useRouter } from 'expo-router';
import { isOpenAt, openNowOf } from '@/core/due/openNow';
import type { Today } from '@/core/today/today';
import { seasonLooksOver } from '@/core/years/seasonOver';
import { useNow } from '@/data/hooks/useNow';
import { useView } from '@/data/hooks/useView';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { useFormat } from '../format/useFormat';
import { BackupDue } from './BackupDue';
import { SeedDue } from './SeedDue';
import { SeedQuestions } from './SeedQuestions';
import { SuppliesLines } from './SuppliesLines';

/** What stands at the end of Today: what runs out, and a season that looks over. */
export function TodayEnd({ today }: { readonly today: Today }) {
  const router = useRouter();
  const f = useFormat();
  const now = useNow();
  const last = useView('season-over', [], ({ store: { journal } }) => ({
    last: seasonLooksOver(journal, today.day),
  }))?.last;
  const grown = useView('grown-to-eat', [Math.floor(now / 60_000)], ({ store, garden }) =>
    openNowOf(store.journal, garden, now, { anyHour: true }),
  );
  const noneExpected = grown && grown.length > 0 && !grown.some(({ window }) => isOpenAt(window, now));
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
      {noneExpected && !today.before ? (
        <ListRow
          glyph={<Glyph name="female" size={28} />}
          title="I see one open"
          note="The hours are a forecast. What you see counts."
          onPress={() => router.push({ pathname: '/open', params: { any: '1' } })}
        />
      ) : null}
      <BackupDue />
      <SeedDue />
      <SeedQuestions />
      <SuppliesLines today={today} />
    </>
  );
}
