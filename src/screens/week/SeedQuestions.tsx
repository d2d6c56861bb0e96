import { useQuery } from '@tanstack/react-query';
import { useRouter, type Href } from 'expo-router';
import { cropOf } from '@/core/crops/catalogue';
import { fruitsOf } from '@/core/fruit/fruits';
import { isolationOf } from '@/core/planning/isolationOf';
import { seasonAt } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import { askFirst, questionsOf, type AskedOf, type SeedQuestion } from '@/core/years/seedQuestions';
import { idle } from '@/data/idle';
import { useStore } from '@/data/hooks/useGarden';
import type { GardenStore } from '@/data/garden/gardenStore';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { settleHref, sourceHref } from '../fruit/settleHref';
import { lowerFirst } from '../words/lowerFirst';

/** Fruits that are judged in one go: the page answers in between. */
const AT_ONCE = 8;

/** Worked out a few fruits at a time, while the page has nothing better to do. */
async function questionsNow(store: GardenStore, signal: AbortSignal): Promise<AskedOf[]> {
  const { journal, described: garden, clock } = store;
  if (!garden) return [];
  await idle();
  const today = dayAt(clock.now(), garden.zone);
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
  const isolation = isolationOf(journal, garden);
  const asked: SeedQuestion[][] = [];
  for (const [i, fruit] of fruits.entries()) {
    if (i % AT_ONCE === 0) await idle();
    if (signal.aborted) return [];
    asked.push(questionsOf(journal, garden, fruit, isolation));
  }
  return askFirst(asked);
}

/** The few questions whose answer most of the season's seed waits for. */
export function SeedQuestions() {
  const store = useStore();
  const router = useRouter();
  const f = useFormat();
  const { data = [] } = useQuery({
    queryKey: [store.id, 'seed-questions'],
    queryFn: ({ signal }) => questionsNow(store, signal),
  });
  return data.map((asked) => (
    <ListRow
      key={ask(asked, f)}
      glyph={<Glyph name="fruit" size={28} />}
      title={ask(asked, f)}
      note={`${f.count(asked.fruits, 'fruit for seed depends', 'fruits for seed depend')} on the answer.`}
      onPress={() => router.push(hrefOf(asked, store))}
    />
  ));
}

function ask(asked: AskedOf, f: Format): string {
  switch (asked.asks) {
    case 'lookedAround':
      return `Does anything that crosses with ${lowerFirst(cropOf(asked.crop).name)} grow within ${f.length(asked.metres)}?`;
    case 'flowering':
      return `Was ${asked.name} in flower on ${f.shortDay(asked.day)}?`;
    case 'seedSource':
      return `Where did the seed of ${asked.name} come from?`;
  }
}

function hrefOf(asked: AskedOf, { journal }: GardenStore): Href {
  switch (asked.asks) {
    case 'lookedAround':
      return {
        pathname: '/garden/looked',
        params: { crop: asked.crop, metres: String(asked.metres), day: asked.day },
      };
    case 'flowering':
      return sourceHref(asked.source, journal.all('outside').has(asked.source));
    case 'seedSource':
      return settleHref('remedy.askSource', journal.all('variety').get(asked.variety)!)!;
  }
}
