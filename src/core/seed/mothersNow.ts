import { fruitsOf } from '../fruit/fruits';
import type { Journal } from '../journal/journal';
import type { Garden } from '../journal/state';
import { daysOf, isolationInSteps } from '../planning/isolationOf';
import { populationInSteps, type PopulationSoFar } from '../population/populationSoFar';
import type { Grade } from '../purity/fruitPurity';
import { purityOf } from '../purity/purityOf';
import { seasonAt } from '../season/seasons';
import type { InSteps } from '../time/inSteps';
import type { Day } from '../time/types';
import { motherCandidates, type MotherCandidate } from './motherCandidates';

/** The mothers of a variety in a season. */
export interface MothersNow {
  /** The best first. */
  readonly candidates: readonly MotherCandidate[];
  /** Nothing as long as no fruit is for seed. */
  readonly soFar: PopulationSoFar | undefined;
}

/**
 * The plants of a variety as mothers in the season of a day, and what gave seed so far, with a pause before each fruit. Who
 * would add most is asked of the plants that stand and against which nothing was noted.
 *
 * @returns `undefined` of a variety that is not known.
 */
export function* mothersInSteps(
  journal: Journal,
  garden: Garden,
  today: Day,
  variety: string,
): InSteps<MothersNow | undefined> {
  if (!journal.all('variety').has(variety)) return undefined;
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
  const fit = candidates.flatMap(({ plant, standing }) =>
    !plant.removed && standing !== 'no' && standing !== 'doubtful' ? [plant.plant] : [],
  );
  const toCome = { fathers: fit, mothers: fit };
  return { candidates, soFar: yield* populationInSteps(journal, fruits, variety, toCome, gradeOf) };
}
