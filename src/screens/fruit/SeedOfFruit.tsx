import { useRouter } from 'expo-router';
import { lotName } from '@/core/seed/lotName';
import { wholeFruitOf } from '@/core/seed/seedJobs';
import { dayAt } from '@/core/time/calendar';
import { useView } from '@/data/hooks/useView';
import { ListRow } from '@/ui/parts/ListRow';
import { useFormat } from '../format/useFormat';
import { lowerFirst } from '../words/lowerFirst';
import { LOSS_NAMES, TASTE_NAMES } from '../words/seed';

/** Of a fruit that was picked for seed: when it can be opened, what was found in it, and where its seed is. */
export function SeedOfFruit({ id }: { readonly id: string }) {
  const f = useFormat();
  const router = useRouter();
  const view = useView('seed-of-fruit', [id], ({ store: { journal }, garden, now }) => {
    const today = dayAt(now, garden.zone);
    const bloom = journal.all('bloom').get(id);
    return {
      today,
      bloom,
      whole: bloom && wholeFruitOf(journal, garden, bloom),
      lots: (bloom?.lots ?? []).flatMap((each) => {
        const lot = journal.all('lot').get(each);
        return lot ? [{ lot: each, name: lotName(lot) ?? '' }] : [];
      }),
    };
  });
  if (view?.bloom?.harvest?.use !== 'seed') return null;
  const { today, whole, lots, bloom } = view;
  const { opened } = bloom;
  return (
    <>
      {opened ? (
        <ListRow
          title={`Opened${opened.taste ? `, the flesh ${lowerFirst(TASTE_NAMES[opened.taste])}` : ''}`}
          note={`${f.date(opened.day)}${opened.none ? `. It gave no seed: ${lowerFirst(LOSS_NAMES[opened.none])}` : ''}`}
        />
      ) : null}
      {whole ? (
        <ListRow
          title="Take the seed out"
          note={
            whole.from > today
              ? `Its seed ripens on: keep it whole until ${f.date(whole.from)}.`
              : `It can be opened since ${f.date(whole.from)}.`
          }
          onPress={() => router.push({ pathname: '/seed/take', params: { variety: whole.variety.variety } })}
        />
      ) : null}
      {lots.map(({ lot, name }) => (
        <ListRow
          key={lot}
          title={`Its seed: ${name}`}
          onPress={() => router.push({ pathname: '/seed/[id]', params: { id: lot } })}
        />
      ))}
    </>
  );
}
