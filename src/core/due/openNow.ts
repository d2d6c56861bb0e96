import type { PollinationMethod } from '../crops/crop';
import { bearingSexOf, cropOf, isPollinatedOpen, protocolFor } from '../crops/catalogue';
import { shedsPollen } from '../crops/traits';
import { anyPollenSpoils } from '../isolation/requiredDistance';
import { comparePlants, metresBetween, placesOf } from '../garden/places';
import { cohortId } from '../journal/cohort';
import { amendOrRecord, amendAsOne, strikesOf } from '../journal/amend';
import type { Fact } from '../journal/entry';
import type { Journal } from '../journal/journal';
import type { Donor } from '../journal/kinds/round';
import { walkId, type BudCount } from '../journal/kinds/scout';
import { meantFor } from '../journal/matingOf';
import { fatherPlants, pollinationsOf } from '../journal/pollinations';
import type { Garden, Plant, Variety } from '../journal/state';
import type { OpeningWindow } from '../opening/openingWindow';
import { windowsOf } from '../opening/windowsOf';
import { addDays, dayAt, MS_PER_HOUR, toMs } from '../time/calendar';
import type { Day } from '../time/types';
import { hoursApart, SAME_DAY_TIMES, techniqueOf } from '../outing/technique';

/** A plant whose flowers may be open now. */
export interface OpenPlant {
  readonly plant: Plant;
  readonly variety: Variety;
  /** The day its flowers belong to: of gourds the day of the dusk, also after midnight. */
  readonly day: Day;
  readonly window: OpeningWindow;
  /** What was counted open on it that day; `undefined` until somebody looked. */
  readonly open: BudCount | undefined;
  /** Its females are given pollen once more, later the same morning. */
  readonly again?: SecondTime;
}

/** Females that were pollinated once and still get a second dab. */
export interface SecondTime {
  readonly females: number;
  /** When the first was, and from when the second helps: UTC milliseconds. */
  readonly first: number;
  readonly from: number;
  /** The plants whose pollen they were given. */
  readonly fathers: readonly string[];
  readonly method: PollinationMethod;
}

/**
 * Plants grown to eat whose flowers may be open now, in walking order: where the grower carries pollen from open
 * males to open females, without an evening before. Not those that pollen would spoil.
 *
 * @param now UTC milliseconds.
 * @example openNowOf(new Journal(), garden, now) // []
 */
export function openNowOf(journal: Journal, garden: Garden, now: number): OpenPlant[] {
  const varieties = [...journal.all('variety').values()].filter(isWorkedOpen);
  const today = dayAt(now, garden.zone);
  const crops = varieties.map(({ crop }) => crop);
  // Those of yesterday's dusk may still be open.
  const days = [today, addDays(today, -1)].map((day) => ({
    day,
    windows: windowsOf(journal, garden, day, crops),
  }));
  const openToday = new Map(
    varieties.flatMap((variety) => {
      const found = days.find(({ windows }) => isOpenAt(windows.get(variety.crop), now));
      return found
        ? [[variety.variety, { variety, day: found.day, window: found.windows.get(variety.crop)! }] as const]
        : [];
    }),
  );
  const walks = journal.all('walk');
  if (openToday.size === 0) return [];
  return [...journal.all('plant').values()]
    .filter(({ removed, variety }) => !removed && openToday.has(variety))
    .sort(comparePlants(journal.all('bed')))
    .flatMap((plant): OpenPlant[] => {
      const found = openToday.get(plant.variety)!;
      const walk = walks.get(walkId(plant.plant, found.day));
      // Flowers marked the evening before are the round's.
      if (walk && walk.blooms.length > 0) return [];
      const again = walk?.open && secondTimeOf(journal, plant.plant, found);
      return [{ plant, ...found, open: walk?.open, ...(again && { again }) }];
    });
}

/**
 * When flowers of the plants that are worked at open flowers open next, today or tomorrow, UTC milliseconds, and how many
 * plants these are.
 *
 * @example opensNext(new Journal(), garden, now) // undefined
 */
export function opensNext(
  journal: Journal,
  garden: Garden,
  now: number,
): { readonly plants: number; readonly from: number } | undefined {
  const varieties = [...journal.all('variety').values()].filter(isWorkedOpen);
  const crops = varieties.map(({ crop }) => crop);
  const today = dayAt(now, garden.zone);
  const windows = [today, addDays(today, 1)].map((day) => windowsOf(journal, garden, day, crops));
  const opening = new Map(
    varieties.flatMap(({ variety, crop }) => {
      const opens = windows.flatMap((each) => each.get(crop)?.opens[0] ?? []).find((at) => at > now);
      return opens === undefined ? [] : [[variety, opens] as const];
    }),
  );
  const plants = [...journal.all('plant').values()].filter(
    ({ removed, variety }) => !removed && opening.has(variety),
  );
  if (plants.length === 0) return undefined;
  return {
    plants: plants.length,
    from: Math.min(...new Set(plants.map(({ variety }) => opening.get(variety)!))),
  };
}

function secondTimeOf(
  journal: Journal,
  plant: string,
  { variety, day }: Pick<OpenPlant, 'variety' | 'day'>,
): SecondTime | undefined {
  const meant = meantFor(journal, plant, day);
  const protocol = meant && protocolFor(cropOf(variety.crop), meant);
  const hours = protocol && hoursApart(protocol);
  if (!meant || hours === undefined) return undefined;
  const bloom = journal.all('bloom').get(cohortOfVisit(plant, variety, day));
  const given = bloom ? pollinationsOf(bloom) : [];
  const times = Math.min(SAME_DAY_TIMES, techniqueOf(journal, meant).times);
  // What was closing already is not tried twice.
  if (!bloom || given.length === 0 || given.some(({ found }) => found === 'wilted')) return undefined;
  if (times < 2 || given.some(({ application }) => application > 1)) return undefined;
  const first = toMs(given[0]!.at);
  return {
    females: bloom.count,
    first,
    from: first + hours * MS_PER_HOUR,
    fathers: fatherPlants(bloom),
    method: given[0]!.method,
  };
}

/**
 * Plants whose females may have their second dab now.
 *
 * @example secondTimes(openNowOf(journal, garden, now), now).length // 0
 */
export const secondTimes = (plants: readonly OpenPlant[], now: number): OpenPlant[] =>
  plants.filter(({ again }) => again !== undefined && again.from <= now);

const isWorkedOpen = (variety: Variety): boolean =>
  variety.purpose === 'eat' &&
  isPollinatedOpen(cropOf(variety.crop)) &&
  !anyPollenSpoils({ crop: variety.crop, purpose: variety.purpose, ...variety.traits });

const isOpenAt = (window: OpeningWindow | undefined, now: number): boolean =>
  window !== undefined && window.opens[0] <= now && now <= window.shuts[1];

/** A plant whose open males may be used, with how many were counted on it today, if anybody did. */
export interface PollenPlant {
  readonly plant: string;
  readonly males: number | undefined;
  /** Females elsewhere that its pollen went to this day, those of several fathers in equal parts. */
  readonly served: number;
  /** Would be used if nothing else is said. */
  readonly suggested: boolean;
}

/** Plants offered as fathers besides her own. Our default: what lies within reach. */
const NEIGHBOURS = 4;

/**
 * Whose pollen to use on a plant: her own males if any are open, and the nearest plants with open males of what can
 * father fruit on her. For fruit any of them will do, a variety of the same crossing group too.
 *
 * @param males open on the plant itself.
 * @example pollenFor(journal, here, 2)[0] // { plant: here, males: 2, suggested: true }
 */
export function pollenFor(journal: Journal, here: OpenPlant, males: number): PollenPlant[] {
  const { plant, variety, day } = here;
  const plants = journal.all('plant');
  const varieties = journal.all('variety');
  const walks = journal.all('walk');
  const places = placesOf(plants.values(), journal.all('bed'));
  const from = places.get(plant.plant);
  const { group } = cropOf(variety.crop);
  const others = [...plants.values()].flatMap((other) => {
    const father = varieties.get(other.variety);
    if (!father || other.removed || other.plant === plant.plant || cropOf(father.crop).group !== group)
      return [];
    if (!shedsPollen(father.traits)) return [];
    const open = walks.get(walkId(other.plant, day))?.open;
    if (open?.male === 0) return [];
    const to = places.get(other.plant);
    const metres = from && to ? metresBetween(from, to) : Infinity;
    return [{ plant: other.plant, males: open?.male, metres, same: other.variety === plant.variety }];
  });
  others.sort(
    (a, b) =>
      Number(a.males === undefined) - Number(b.males === undefined) ||
      Number(b.same) - Number(a.same) ||
      a.metres - b.metres ||
      (a.plant < b.plant ? -1 : 1),
  );
  const ownMales = shedsPollen(variety.traits) ? males : 0;
  const served = servedBy(journal, here);
  const own = {
    plant: plant.plant,
    males: ownMales,
    served: served.get(plant.plant) ?? 0,
    suggested: ownMales > 0,
  };
  const next = others.slice(0, NEIGHBOURS).map((other, i): PollenPlant => ({
    plant: other.plant,
    males: other.males,
    served: served.get(other.plant) ?? 0,
    suggested: !own.suggested && i === 0,
  }));
  return own.males > 0 ? [own, ...next] : next;
}

/**
 * Females that one male can serve on a plant that is grown to eat.
 *
 * @example malesServe(here) // 3 for squash
 */
export const malesServe = ({ variety: { crop } }: Pick<OpenPlant, 'variety'>): number =>
  cropOf(crop).protocols.fruit?.collect?.serves.value ?? 1;

/** Females of other plants that each plant's pollen went to on the day. */
function servedBy(journal: Journal, { plant, day }: OpenPlant): Map<string, number> {
  const served = new Map<string, number>();
  const walks = journal.all('walk');
  for (const other of journal.all('plant').values()) {
    const walk = other.plant === plant.plant ? undefined : walks.get(walkId(other.plant, day));
    const variety = walk?.open?.female ? journal.all('variety').get(other.variety) : undefined;
    if (!variety) continue;
    const bloom = journal.all('bloom').get(cohortOfVisit(other.plant, variety, day));
    const fathers = bloom ? fatherPlants(bloom) : [];
    for (const father of fathers)
      served.set(father, (served.get(father) ?? 0) + bloom!.count / fathers.length);
  }
  return served;
}

/** How far the open males go. `shared`: a male for so many females; `short`: for so many females there is pollen. */
export type MalesFor =
  | { readonly kind: 'enough' }
  | { readonly kind: 'shared'; readonly each: number }
  | { readonly kind: 'short'; readonly reach: number };

/**
 * Whether the open males of some plants do for some females, or must be shared.
 *
 * @param serves females that one male can serve.
 * @returns `undefined` where nobody counted them.
 * @example malesFor([{ males: 1, served: 0, ...rest }], 2, 3) // { kind: 'shared', each: 2 }
 */
export function malesFor(
  fathers: readonly Pick<PollenPlant, 'males' | 'served'>[],
  females: number,
  serves: number,
): MalesFor | undefined {
  if (fathers.length === 0 || fathers.some(({ males }) => males === undefined)) return undefined;
  const males = fathers.reduce((sum, { males: open = 0 }) => sum + open, 0);
  const served = fathers.reduce((sum, father) => sum + father.served, 0);
  if (males >= females + served) return { kind: 'enough' };
  const reach = Math.max(0, Math.floor(males * serves - served));
  return reach >= females
    ? { kind: 'shared', each: Math.ceil((females + served) / males) }
    : { kind: 'short', reach };
}

/** What was seen and done at one plant. */
export interface OpenVisit {
  readonly open: BudCount;
  readonly method: PollinationMethod;
  /** Plants whose pollen was used. */
  readonly fathers: readonly string[];
  /** The females were closing already: tried all the same. */
  readonly closing?: boolean;
  /** A male was past its best. */
  readonly faded?: boolean;
}

/**
 * The facts of a visit: what is open, and that the females were pollinated. A visit that is put right amends the
 * entries it made; females put right to none take the pollination back.
 *
 * @example openVisitFacts(journal, here, { open: { female: 0, male: 3 }, ...rest }).map(({ kind }) => kind) // ['counted']
 */
export function openVisitFacts(
  journal: Journal,
  { plant: { plant }, variety, day }: OpenPlant,
  { open, method, fathers, closing = false, faded = false }: OpenVisit,
): Fact[] {
  const walk = journal.all('walk').get(walkId(plant, day));
  const bloom = cohortOfVisit(plant, variety, day);
  const pollinated = {
    bloom,
    plant,
    count: open.female,
    after: [],
    donors: donorsFrom(fathers),
    found: closing ? 'wilted' : 'open',
    method,
    ...(faded && ({ faded: true } as const)),
    shutAgain: false,
    tagged: false,
  } as const;
  const before = journal.all('bloom').get(bloom);
  // Who finds that there was none had none to come back to either.
  const again = before?.laterPollinations.filter(({ application }) => application > 1) ?? [];
  return [
    amendOrRecord('counted', { plant, day, open }, walk?.countedEntry),
    // The count is put right as a whole: one entry says it all.
    ...amendAsOne('pollinated', open.female > 0 ? pollinated : undefined, before?.countedBy ?? []),
    ...(open.female > 0 ? [] : strikesOf(again.map(({ entry }) => entry))),
  ];
}

/**
 * The fact that the females of a visit got pollen once more.
 *
 * @param fathers plants whose pollen was used.
 * @example secondTimeFacts(here, ['p1'], 'maleFlower')[0].kind // 'pollinated'
 */
export const secondTimeFacts = (
  { plant: { plant }, variety, day }: OpenPlant,
  fathers: readonly string[],
  method: PollinationMethod,
): Fact[] => [
  {
    kind: 'pollinated',
    body: {
      bloom: cohortOfVisit(plant, variety, day),
      plant,
      application: 2,
      donors: donorsFrom(fathers),
      found: 'open',
      method,
      shutAgain: false,
      tagged: false,
    },
  },
];

const donorsFrom = (plants: readonly string[]): Donor[] => plants.map((plant) => ({ plant, bloom: '' }));

/**
 * The id of the flowers that a visit pollinates.
 *
 * @example cohortOfVisit('p1', melon, '2026-07-19') // 'p1|2026-07-19|flower|perfect'
 */
export function cohortOfVisit(plant: string, { crop, traits }: Variety, day: Day): string {
  return cohortId({ plant, day, part: 'flower', sex: bearingSexOf(cropOf(crop), traits) });
}
