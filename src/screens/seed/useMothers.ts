import { wantsSeed } from '@/core/crops/variety';
import { fruitsOf } from '@/core/fruit/fruits';
import type { Journal } from '@/core/journal/journal';
import { isFitForSeed } from '@/core/journal/plantCondition';
import type { Plant, Variety } from '@/core/journal/state';
import { daysOf, isolationInSteps } from '@/core/planning/isolationOf';
import { populationInSteps, type PopulationSoFar } from '@/core/population/populationSoFar';
import type { Grade } from '@/core/purity/fruitPurity';
import { purityOf } from '@/core/purity/purityOf';
import { motherCandidates, type MotherCandidate } from '@/core/seed/motherCandidates';
import { seasonAt } from '@/core/season/seasons';
import { byName } from '@/core/text/byName';
import { dayAt } from '@/core/time/calendar';
import type { InSteps } from '@/core/time/inSteps';
import { useView } from '@/data/hooks/useView';
import { useViewInSteps, type ViewOf } from '@/data/hooks/useViewInSteps';

/** Varieties that stand in the garden and are grown for seed, by name. */
export const useSeedVarieties = (): readonly Variety[] =>
  useView('seed-varieties', [], ({ store: { journal } }) => {
    const standing = new Set(
      [...journal.all('plant').values()].flatMap(({ removed, variety }) => (removed ? [] : [variety])),
    );
    return [...journal.all('variety').values()]
      .filter(({ variety, purpose }) => standing.has(variety) && wantsSeed(purpose))
      .sort((a, b) => byName(a.name, b.name));
  }) ?? [];

/** The mothers of a variety this season. */
export interface Mothers {
  readonly candidates: readonly MotherCandidate[];
  /** Nothing as long as no fruit is for seed. */
  readonly soFar: PopulationSoFar | undefined;
}

/** `undefined` while it is worked out, and where no such variety is known. */
export const useMothers = (variety: string): Mothers | undefined => useViewInSteps(mothersOf, variety);

function* mothersOf(
  { store: { journal }, garden, now }: ViewOf,
  variety: string,
): InSteps<Mothers | undefined> {
  if (!journal.all('variety').has(variety)) return undefined;
  const today = dayAt(now, garden.zone);
  yield undefined;
  const fruits = fruitsOf(journal, garden, today, seasonAt(journal, today)).filter(
    (fruit) => fruit.variety.variety === variety,
  );
  const isolationOf = yield* isolationInSteps(journal, garden, daysOf(fruits.map(({ bloom }) => bloom)));
  const grades = new Map<string, Grade | undefined>();
  for (const { bloom } of fruits) {
    yield undefined;
    grades.set(bloom.bloom, purityOf(journal, garden, bloom, { isolationOf })?.grade);
  }
  const gradeOf = ({ bloom }: { readonly bloom: string }): Grade | undefined => grades.get(bloom);
  yield undefined;
  const candidates = motherCandidates(journal, { variety, fruits, gradeOf });
  const toCome = fitPlants(journal, variety).map(({ plant }) => plant);
  const soFar = yield* populationInSteps(
    journal,
    fruits,
    variety,
    { fathers: toCome, mothers: toCome },
    gradeOf,
  );
  return { candidates, soFar };
}

/** Plants of a variety that stand, against which nothing was noted. */
const fitPlants = (journal: Journal, variety: string): Plant[] =>
  [...journal.all('plant').values()].filter(
    (plant) => plant.variety === variety && !plant.removed && isFitForSeed(plant),
  );
