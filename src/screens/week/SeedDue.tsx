import { useRouter } from 'expo-router';
import { isDue } from '@/core/seed/seedJobs';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import { useFormat } from '../format/useFormat';
import { Jobs } from '../seed/SeedScreen';
import { useSeedJobs } from '../seed/useSeedJobs';

/** Work with seed that is due, on Today; of much the first, and where the rest is. */
export function SeedDue() {
  const f = useFormat();
  const router = useRouter();
  const work = useSeedJobs();
  if (!work) return null;
  const { today, jobs } = work;
  const due = jobs.filter((job) => isDue(job, today));
  if (due.length === 0) return null;
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
