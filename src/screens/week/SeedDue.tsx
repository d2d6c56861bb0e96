import { useRouter } from 'expo-router';
import { isDue, seedJobs } from '@/core/seed/seedJobs';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { useFormat } from '../format/useFormat';
import { Jobs } from '../seed/SeedScreen';

/** Work with seed that is due, on Today; of much the first, and where the rest is. */
export function SeedDue() {
  const f = useFormat();
  const router = useRouter();
  const view = useView('seed-due', [], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    return { today, due: seedJobs(journal, garden, today).filter((job) => isDue(job, today)) };
  });
  if (!view || view.due.length === 0) return null;
  const { today, due } = view;
  const more = due.length - MOST_SHOWN;
  return (
    <>
      <Jobs jobs={due.slice(0, MOST_SHOWN)} today={today} />
      {more > 0 ? (
        <ListRow
          glyph={<Glyph name="seed" size={28} />}
          title={`${f.number(more)} more to do with seed`}
          onPress={() => router.push('/seed')}
        />
      ) : null}
    </>
  );
}

/** Of work that waits a day or two: Today is for what does not. */
const MOST_SHOWN = 3;
