import { useRouter, type Href } from 'expo-router';
import { cropOf } from '@/core/crops/catalogue';
import { fruitsOf } from '@/core/fruit/fruits';
import { daysOf, isolationInSteps } from '@/core/planning/isolationOf';
import { seasonAt } from '@/core/season/seasons';
import { dayAt } from '@/core/time/calendar';
import type { InSteps } from '@/core/time/inSteps';
import { askFirst, questionsOf, type AskedOf, type SeedQuestion } from '@/core/years/seedQuestions';
import { useStore } from '@/data/hooks/useGarden';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';
import type { GardenStore } from '@/data/garden/gardenStore';
import { Glyph } from '@/ui/glyphs/Glyph';
import { ListRow } from '@/ui/parts/ListRow';
import type { Format } from '../format/format';
import { useFormat } from '../format/useFormat';
import { settleHref, sourceHref } from '../fruit/settleHref';
import { lowerFirst } from '../words/lowerFirst';

function* questionsNow({ store: { journal }, garden, now }: ViewOf): InSteps<AskedOf[]> {
  yield undefined;
  const today = dayAt(now, garden.zone);
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today));
  yield undefined;
  const isolationOf = yield* isolationInSteps(journal, garden, daysOf(fruits.map(({ bloom }) => bloom)));
  const asked: SeedQuestion[][] = [];
  for (const fruit of fruits) {
    yield undefined;
    asked.push(questionsOf(journal, garden, fruit, isolationOf));
  }
  return askFirst(asked);
}

/** The few questions whose answer most of the season's seed waits for. */
export function SeedQuestions() {
  const store = useStore();
  const router = useRouter();
  const f = useFormat();
  return useViewInSteps(questionsNow, undefined)?.map((asked) => (
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
