import { cropOf } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import { MAX_TOLD } from '../journal/limits';
import type { ToldLot } from '../journal/kinds/seed';
import type { Garden } from '../journal/state';
import { varietyEver } from '../journal/varietyEver';
import { dealtOut } from '../population/populationSoFar';
import { byId } from '../text/byId';
import { finished, type InSteps } from '../time/inSteps';
import type { Day } from '../time/types';
import { ancestryOf } from './ancestry';
import { couplesOf } from './couples';
import { lotDescent } from './descent';
import { endedTest } from './germination';
import { judgeLotInSteps } from './judgedLot';
import { lotContents } from './lotContents';
import { lotParents } from './lotParents';
import { seedLot } from './seedLot';
import { sownAs, type LotThen } from './sownAs';

/**
 * What is told of a lot to who gets some of it: the lot itself, then those that its parents were sown from, the nearest
 * first, and of lots that came from elsewhere what was told of them.
 *
 * @param today on which it is told.
 * @returns nothing where nobody began the lot here.
 * @example toldLots(journal, garden, 'l2', today).map(({ name }) => name) // ['Redring 2027', 'Redring 2026']
 */
export const toldLots = (journal: Journal, garden: Garden, lot: string, today: Day): ToldLot[] =>
  finished(toldLotsInSteps(journal, garden, lot, today));

/** The same, with a pause before each fruit that is judged. */
export function* toldLotsInSteps(
  journal: Journal,
  garden: Garden,
  lot: string,
  today: Day,
): InSteps<ToldLot[]> {
  const told: ToldLot[] = [];
  const seen = new Set<string>();
  let next: readonly LotThen[] = [{ lot }];
  while (next.length > 0 && told.length < MAX_TOLD) {
    const before: LotThen[] = [];
    for (const then of next) {
      const { lot: id } = then;
      if (seen.has(id)) continue;
      seen.add(id);
      const own = yield* toldOf(journal, garden, then, today);
      if (own) told.push(own);
      told.push(...toldBefore(journal, id).filter(({ lot: other }) => !seen.has(other)));
      for (const { lot: other } of toldBefore(journal, id)) seen.add(other);
      before.push(...sownFrom(journal, then));
    }
    next = before;
  }
  return told.slice(0, MAX_TOLD);
}

/** Of one that came from elsewhere. */
const toldBefore = (journal: Journal, id: string): readonly ToldLot[] =>
  journal.all('lot').get(id)?.['lot.received'].at(-1)?.body.told ?? [];

/** The lots that went into it, and those that its mothers and fathers were sown from, as they were then, each once. */
function sownFrom(journal: Journal, then: LotThen): LotThen[] {
  const lots = new Map<string, LotThen>();
  for (const content of lotContents(journal, then.lot, then.until).contents)
    if (content.from === 'elsewhere' && content.lot !== then.lot)
      lots.set(content.lot, { lot: content.lot, until: then.until });
  const { couples } = couplesOf(journal, then, dealtOut(journal));
  for (const { bloom, mother, fathers } of couples)
    for (const plant of [mother, ...fathers]) {
      const from = sownAs(journal, plant, bloom.day)?.from;
      if (from) lots.set(from.lot, from);
    }
  return [...lots.values()].sort((a, b) => byId(a.lot, b.lot));
}

function* toldOf(
  journal: Journal,
  garden: Garden,
  { lot: id, until }: LotThen,
  today: Day,
): InSteps<ToldLot | undefined> {
  const raw = journal.all('lot').get(id);
  const lot = raw && seedLot(journal, raw);
  if (!lot?.crop) return undefined;
  const descent = lotDescent(journal, id, until);
  const { mothers, fathers, size } = lotParents(journal, id, until);
  const { purity } = yield* judgeLotInSteps(journal, garden, lotContents(journal, id, until).contents);
  const test = endedTest(journal, lot);
  return {
    ...{ lot: id, name: lot.name, garden: garden.name, species: cropOf(lot.crop).species },
    ...{ since: lot.since, told: today, descent: descent.of },
    ancestry: ancestryOf(descent, (variety) => varietyEver(journal, variety)?.name ?? '?'),
    ...(lot.year !== undefined && { year: lot.year }),
    ...(purity && { grade: purity.grade }),
    ...(mothers.length > 0 && { mothers: mothers.length }),
    ...(fathers.length > 0 && { fathers: fathers.length }),
    ...(size !== undefined && { size: Number(size.toFixed(1)) }),
    ...(test && { germinated: { day: test.day, seeds: test.seeds, up: test.counts.at(-1)?.up ?? 0 } }),
  };
}
