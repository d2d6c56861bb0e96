import type { CropId } from '../crops/catalogue';
import type { Journal } from '../journal/journal';
import type { SeedBodies } from '../journal/kinds/seed';
import { grownThen } from '../journal/past';
import type { Lot, Variety } from '../journal/state';
import { varietyEver } from '../journal/varietyEver';
import { byId } from '../text/byId';
import type { Day } from '../time/types';
import { lotAmount, type LotAmount } from './lotAmount';
import { lotContents, type Content } from './lotContents';
import { lotName } from './lotName';

/** Some seed that is kept together, as its page shows it. */
export interface SeedLot {
  readonly lot: string;
  readonly name: string;
  /** What is in it, the greatest share first; `assumed`: taken to be alike. */
  readonly contents: readonly Content[];
  readonly assumed: boolean;
  /** The varieties of its mothers, each once; of several it is a mixture. */
  readonly varieties: readonly string[];
  readonly crop: CropId | undefined;
  /** When it began: its seed was taken out, it was had, or filled. */
  readonly since: Day;
  /** Its seed was taken out wet: of the latest fruit. */
  readonly taken?: SeedBodies['seed.extracted'];
  readonly rinsed?: Day;
  readonly dried?: Day;
  readonly amount: LotAmount;
  readonly described?: SeedBodies['lot.described'];
  /** The year in which it was harvested, where it came from elsewhere and that is known. */
  readonly year?: number;
  /** What whoever grew it tells of it, and of the lots before it. */
  readonly told?: SeedBodies['lot.received']['told'];
}

/**
 * One lot; `undefined` of one that nobody began here.
 *
 * @example seedLot(journal, lot)?.name // 'Redring 2026'
 */
export function seedLot(journal: Journal, lot: Lot): SeedLot | undefined {
  const name = lotName(lot);
  const had = lot['lot.received'].at(-1)?.body;
  const begun = [
    ...lot['seed.extracted'].map(({ body }) => body.day),
    ...lot['lot.filled'].flatMap(({ body }) => (body.lot === lot.lot ? [body.day] : [])),
    ...(had ? [had.day] : []),
  ].sort();
  const [since] = begun;
  if (name === undefined || since === undefined) return undefined;
  const { contents, assumed } = lotContents(journal, lot.lot);
  const grown = contents.flatMap((content) => varietyOf(journal, content) ?? []);
  const varieties = [...new Set(grown.map(({ variety }) => variety))];
  const taken = lot['seed.extracted']
    .map(({ body }) => body)
    .sort(byDay)
    .at(-1);
  const [rinsed, dried] = [stepOf(lot, 'rinsed', taken?.day), stepOf(lot, 'dried', taken?.day)];
  const described = lot['lot.described']?.body;
  const crop = grown[0]?.crop;
  return {
    ...{ lot: lot.lot, name, contents, assumed, varieties, crop, since },
    ...(taken && { taken }),
    ...(rinsed !== undefined && { rinsed }),
    ...(dried !== undefined && { dried }),
    amount: lotAmount(lot),
    ...(described && { described }),
    ...(had?.year !== undefined && { year: had.year }),
    ...(had?.told && { told: had.told }),
  };
}

/** The variety that bore it, as it was then. */
function varietyOf(journal: Journal, content: Content): Pick<Variety, 'variety' | 'crop'> | undefined {
  if (content.from === 'elsewhere') return varietyEver(journal, content.variety);
  const bloom = journal.all('bloom').get(content.bloom);
  return bloom && grownThen(journal, bloom.plant, bloom.day)?.variety;
}

const byDay = (a: { readonly day: Day }, b: { readonly day: Day }): number => byId(a.day, b.day);

/** The last time that was done to it, not before the seed that came in last. */
const stepOf = (lot: Lot, step: 'rinsed' | 'dried', since: Day | undefined): Day | undefined =>
  lot['seed.prepared']
    .flatMap(({ body }) =>
      body.step === step && (since === undefined || body.day >= since) ? [body.day] : [],
    )
    .sort()
    .at(-1);

/**
 * All lots that were begun here, the latest first.
 *
 * @example seedLots(new Journal()) // []
 */
export const seedLots = (journal: Journal): SeedLot[] =>
  [...journal.all('lot').values()]
    .flatMap((lot) => seedLot(journal, lot) ?? [])
    .sort((a, b) => byId(b.since, a.since) || byId(a.name, b.name) || byId(a.lot, b.lot));
