import { cropOf, lastReceptiveDay, pollenGoodFor, protocolFor } from '../crops/catalogue';
import { controlsBeside } from '../fruit/controls';
import { withCohortHistory } from '../journal/withCohortHistory';
import type { Journal } from '../journal/journal';
import type { SeedSource } from '../crops/variety';
import type { Bloom, Garden, Plant, Variety } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowOf } from '../opening/windowsOf';
import { meantOf } from '../journal/matingOf';
import { shelterOn } from '../journal/underGlass';
import { gardensOf, grownThen, type Grown } from '../journal/past';
import { bloomsAround } from '../journal/bloomsAround';
import { isCovered } from '../journal/isCovered';
import { perRevision } from '../journal/perRevision';
import { plantingOf } from '../journal/plantingOf';
import { fatherPlants } from '../journal/pollinations';
import { openedAsNoted } from '../opening/openedAsNoted';
import { groupBy } from '../text/groupBy';
import { daysBetween } from '../time/calendar';
import { type Guard, guardsOf, type IsolationOf } from './guards';
import type { Day } from '../time/types';
import { pollenCarriedTo, visitedBefore } from './contact';
import { fruitPurity, type Purity } from './fruitPurity';
import { sourcesOfLot } from './lotPurity';

export interface PurityOptions {
  /** The verdict on a variety's flowers of a day where nothing is covered; without it distance guards nothing. */
  readonly isolationOf?: IsolationOf;
  /** Is it judged for the sake of a fruit with which it was swapped? Then that one is not asked in turn. */
  readonly forOther?: boolean;
  /** The fruits whose mothers or fathers grew of its seed, by what was said: no fruit is its own forebear. */
  readonly descendants?: ReadonlySet<string>;
}

/**
 * The purity of a flower's seed by the evidence in the journal; `undefined` when its variety is not known.
 *
 * @example purityOf(journal, garden, flower)?.weakest?.link // 'tag' before the harvest of a clean one
 */
export function purityOf(
  journal: Journal,
  garden: Garden,
  raw: Bloom,
  { isolationOf, forOther = false, descendants = NONE }: PurityOptions = {},
): Purity | undefined {
  const flower = withCohortHistory(journal, raw);
  const grown = grownThen(journal, flower.plant, flower.day);
  const meant = meantOf(journal, flower, grown?.variety);
  if (!grown || !meant) return undefined;
  const { plant, variety } = grown;
  const crop = cropOf(variety.crop);
  const known = new Map<string, OpeningWindow | undefined>();
  const windowOn = (day: Day, plant: string): OpeningWindow | undefined => {
    const shelter = shelterOn(journal, plant, day);
    const key = `${day} ${shelter}`;
    if (!known.has(key)) known.set(key, windowOf(journal, garden, day, variety.crop, shelter));
    return known.get(key);
  };
  const opensOn = (day: Day, plant: string): number | undefined =>
    openedAsNoted(journal, variety.crop, day, windowOn(day, plant)?.opens[0]);
  const own = new Set([...descendants, flower.bloom]);
  const ofLot = lotSources(journal, garden, { ...(isolationOf && { isolationOf }), descendants: own });
  const beside = isCovered(flower) ? [] : besideOf(journal, flower, variety);
  return fruitPurity({
    bloom: flower,
    variety,
    father: meant.father,
    fathers: meant.fathers,
    seedSources: seedSourcesOf(journal, flower, { plant, variety }, ofLot),
    fatherSources: fatherSourcesOf(journal, flower, ofLot),
    beside,
    sharesTag: sharesTag(journal, raw),
    ...(!forOther && {
      swappedWithBad: (raw.retags ?? []).some(({ other }) => {
        const bloom = journal.all('bloom').get(other ?? '');
        const options = { forOther: true, descendants: own, ...(isolationOf && { isolationOf }) };
        return bloom && purityOf(journal, garden, bloom, options)?.grade === 'notForSeed';
      }),
    }),
    guardsOf: (bloom) => {
      const known = guardsKnown(journal, isolationOf);
      const held = known.get(bloom) ?? guardsOf(journal, bloom, { isolationOf, opensOn });
      known.set(bloom, held);
      return held;
    },
    males: journal.all('bloom'),
    plants: plantsThen(journal, flower, beside),
    opensOn,
    insectsOn: (day) => windowOn(day, flower.plant)?.insects,
    carried: pollenCarriedTo(journal, flower),
    controls: controlsBeside(journal, flower, variety, garden.zone),
    visitedBefore: visitedBefore(journal, flower),
    receptiveUntil: flower.day === undefined ? undefined : lastReceptiveDay(crop, flower.day),
    pollenKeeps: pollenGoodFor(crop, protocolFor(crop, meant)),
  });
}

const NO_ISOLATION = {};
const guardsByIsolation = perRevision(() => new WeakMap<object, WeakMap<Bloom, readonly Guard[]>>());

/** What guards each bloom: asked again of the same males and of what was touched before for every flower of a morning. */
function guardsKnown(
  journal: Journal,
  isolationOf: IsolationOf | undefined,
): WeakMap<Bloom, readonly Guard[]> {
  const all = guardsByIsolation(journal);
  const held = all.get(isolationOf ?? NO_ISOLATION) ?? new WeakMap<Bloom, readonly Guard[]>();
  all.set(isolationOf ?? NO_ISOLATION, held);
  return held;
}

/** What a plant was sown from, as that was on the day of the flower; of several where it is in doubt. */
const seedSourcesOf = (
  journal: Journal,
  { day }: Bloom,
  { plant, variety }: Grown,
  ofLot: LotSources,
): readonly SeedSource[] =>
  (day === undefined ? [journal] : gardensOf(journal, day)).flatMap((then) => {
    const [was, as] = [then.all('plant').get(plant.plant), then.all('variety').get(variety.variety)];
    const { seedSource, fromLot, sowing } = plantingOf(then, was ?? plant, as ?? variety);
    // What was said at the sowing stands, and what has been found of its seed since counts too.
    return fromLot === undefined ? [seedSource] : [seedSource, ...ofLot(fromLot, sowing?.day ?? day)];
  });

/** Where the seed of a lot came from, as it was on a day. */
type LotSources = (lot: string, until: Day | undefined) => readonly SeedSource[];

/** Asked of a lot once, however many plants were sown from it. */
const lotSources = (
  journal: Journal,
  garden: Garden,
  options: PurityOptions & { readonly descendants: ReadonlySet<string> },
): LotSources => {
  const judge = (bloom: Bloom): Purity | undefined =>
    options.descendants.has(bloom.bloom) ? undefined : purityOf(journal, garden, bloom, options);
  const known = lotsByIsolation(journal);
  const held = known.get(options.isolationOf ?? NO_ISOLATION) ?? new Map<string, readonly SeedSource[]>();
  known.set(options.isolationOf ?? NO_ISOLATION, held);
  return (lot, until) => {
    const key = `${lot} ${until}`;
    const sources = held.get(key) ?? sourcesOfLot(journal, lot, until, judge);
    held.set(key, sources);
    return sources;
  };
};
const lotsByIsolation = perRevision(() => new WeakMap<object, Map<string, readonly SeedSource[]>>());
const NONE: ReadonlySet<string> = new Set();

/** Likewise of all plants that gave it pollen, each once. */
function fatherSourcesOf(journal: Journal, flower: Bloom, ofLot: LotSources): readonly SeedSource[] {
  const sources = fatherPlants(flower).flatMap((id) => {
    const grown = grownThen(journal, id, flower.day);
    return grown ? seedSourcesOf(journal, flower, grown, ofLot) : [];
  });
  return [...new Set(sources)];
}

/** The plants that its purity speaks of, as they were on its day. */
const plantsThen = (journal: Journal, flower: Bloom, beside: readonly string[]): Map<string, Plant> =>
  new Map(
    [flower.plant, ...fatherPlants(flower), ...beside].flatMap((id) => {
      const grown = grownThen(journal, id, flower.day);
      return grown ? [[id, grown.plant] as const] : [];
    }),
  );

/** The other plants of its variety that stood in the garden on its day. */
function besideOf(journal: Journal, { plant, day, keptOn }: Bloom, { variety }: Variety): string[] {
  const on = day ?? keptOn;
  const stood = (on === undefined ? [journal] : gardensOf(journal, on)).flatMap((then) =>
    [...then.all('plant').values()].filter(
      (each) => each.variety === variety && !each.removed && each.plant !== plant,
    ),
  );
  return [...new Set(stood.map((each) => each.plant))];
}

/** A tag is used again after so many days, when the season before is over. Our default. */
const TAG_USED_AGAIN_DAYS = 200;

const carriesTag = ({ code, pollination, keptOn }: Bloom): boolean =>
  code !== '' && (pollination !== undefined || keptOn !== undefined);

/** Fruits of about the same time by the code of their tag. */
const byCode = bloomsAround(TAG_USED_AGAIN_DAYS, (blooms) =>
  groupBy(blooms.filter(carriesTag), ({ code }) => code),
);

/** Those of which nobody knows when they open. */
const waitingByCode = perRevision((journal) =>
  groupBy(journal.bloomsWaiting().filter(carriesTag), ({ code }) => code),
);

/** Is there another fruit of about the same time with the same tag? One of which nobody knows the day may be. */
function sharesTag(journal: Journal, { bloom, code, day, keptOn }: Bloom): boolean {
  if (code === '') return false;
  const own = day ?? keptOn;
  const isOther = (other: Bloom): boolean =>
    other.bloom !== bloom && other.code === code && carriesTag(other);
  if (own === undefined) return [...journal.all('bloom').values()].some(isOther);
  const isNear = (other: Bloom): boolean =>
    Math.abs(daysBetween(own, other.day ?? other.keptOn ?? own)) <= TAG_USED_AGAIN_DAYS;
  return (
    (byCode(journal, own).get(code) ?? []).some((other) => isOther(other) && isNear(other)) ||
    (waitingByCode(journal).get(code) ?? []).some(isOther)
  );
}
