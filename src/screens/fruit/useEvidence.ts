import { setFactors } from '@/core/analysis/setTrials';
import type { Evidence } from '@/core/diagnosis/diagnose';
import { evidenceOf } from '@/core/diagnosis/evidenceOf';
import { fruitOf, type Fruit } from '@/core/fruit/fruits';
import { dayAt } from '@/core/time/calendar';
import { seasonAt } from '@/core/season/seasons';
import { useView } from '@/data/hooks/useView';

const NOTHING: Evidence = {};

/** What the records say of why a fruit failed. */
export function useEvidence(fruit: Fruit): Evidence {
  const { bloom, plant } = fruit.bloom;
  return (
    useView('fruit-evidence', [bloom], ({ store: { journal }, garden, now }) => {
      const today = dayAt(now, garden.zone);
      const season = seasonAt(journal, fruit.history.since);
      // Those of its plant are its load.
      const fruits = journal
        .bloomsBetween(season.from, today)
        .flatMap((each) => (each.plant === plant ? (fruitOf(journal, garden, today, each) ?? []) : []));
      const own = fruits.find((each) => each.bloom.bloom === bloom) ?? fruit;
      return evidenceOf(journal, own, setFactors(journal, garden, fruits)(own, own.history));
    }) ?? NOTHING
  );
}
