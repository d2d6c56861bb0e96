import type { Entry, EntryOf } from './entry';
import { parseWalkId } from './kinds/scout';
import type { SubjectType } from './kinds/definition';
import type { Kind } from './kinds/kinds';
import { READING_SOURCES, type ReadingRow, type ReadingSource } from './kinds/weather';
import { compareEntries } from './order';
import { reduceBloom, type Mutable } from './reduceBloom';
import { taking, type EntryAbout } from './taking';
import type {
  Barrier,
  Bed,
  Cage,
  Device,
  Garden,
  HourlyReadings,
  SeenHours,
  Mating,
  Outside,
  Plant,
  Planting,
  PollenMix,
  PurposeSince,
  Round,
  States,
  StopDone,
  Variety,
  Walk,
} from './state';
import { toMs } from '../time/calendar';
import type { Day } from '../time/types';
import type { Reading } from '../weather/readings';

type Reducer<T extends SubjectType> = (
  id: string,
  entries: readonly EntryAbout<T>[],
) => States[T] | undefined;

/** What was last recorded of a subject, unless it was removed after that. */
const unlessRemoved = <E extends EntryOf<Kind>>(
  described: E | undefined,
  removed: EntryOf<'plan.removed'> | undefined,
): E | undefined => (described && removed && compareEntries(described, removed) < 0 ? undefined : described);

const takeOfVariety = taking<'variety'>()({
  'variety.described': 'all',
  'flowering.seen': 'all',
  'plan.removed': 'last',
});

function reduceVariety(_id: string, entries: readonly EntryAbout<'variety'>[]): Variety | undefined {
  const taken = takeOfVariety(entries);
  const all = taken['variety.described'];
  const described = unlessRemoved(all.at(-1), taken['plan.removed'])?.body;
  if (!described) return undefined;
  const seen = taken['flowering.seen'].filter(({ body }) => body.planting === undefined);
  return { ...described, flowered: daysOf(seen), purposes: purposesOf(all) };
}

const daysOf = (seen: readonly EntryOf<'flowering.seen'>[]): Day[] =>
  [...new Set(seen.map(({ body }) => body.day))].sort();

/** What a variety was grown for, one for each change. */
function purposesOf(described: readonly EntryOf<'variety.described'>[]): PurposeSince[] {
  const purposes: PurposeSince[] = [];
  for (const { at, body } of described) {
    const { purpose, ownPollen } = body;
    const before = purposes.at(-1);
    if (before?.purpose === purpose && before.ownPollen === ownPollen) continue;
    purposes.push({ from: at, purpose, ownPollen });
  }
  return purposes;
}

const takeOfPlanting = taking<'planting'>()({ 'planting.set': 'last', 'flowering.seen': 'all' });

function reducePlanting(_id: string, entries: readonly EntryAbout<'planting'>[]): Planting | undefined {
  const taken = takeOfPlanting(entries);
  const set = taken['planting.set']?.body;
  return set && { ...set, flowered: daysOf(taken['flowering.seen']) };
}

function reduceMating(_id: string, entries: readonly EntryAbout<'mating'>[]): Mating | undefined {
  const set = entries.at(-1);
  return set && { ...set.body, id: set.id, lamport: set.lamport, device: set.device };
}

const takeOfCage = taking<'cage'>()({ 'cage.set': 'all', 'cage.opened': 'all' });

function reduceCage(_id: string, entries: readonly EntryAbout<'cage'>[]): Cage | undefined {
  const taken = takeOfCage(entries);
  const set = taken['cage.set'].at(-1);
  if (!set) return undefined;
  const sets = taken['cage.set']
    .map(({ at, body }) => ({ at, plants: body.plants }))
    .sort((a, b) => toMs(a.at) - toMs(b.at));
  const openOn = taken['cage.opened'].map(({ body }) => body.day);
  return { ...set.body, from: sets[0]!.at, sets, openOn: [...new Set(openOn)].sort() };
}

function reducePollen(_id: string, entries: readonly EntryAbout<'pollen'>[]): PollenMix | undefined {
  const mixed = entries.at(-1);
  return mixed && { ...mixed.body, at: mixed.at };
}

const takeOfBed = taking<'bed'>()({ 'bed.laid': 'last', 'plan.removed': 'last' });
const takeOfBarrier = taking<'barrier'>()({ 'barrier.set': 'last', 'plan.removed': 'last' });
const takeOfOutside = taking<'outside'>()({ 'outside.described': 'last', 'plan.removed': 'last' });

function reduceBed(_id: string, entries: readonly EntryAbout<'bed'>[]): Bed | undefined {
  const taken = takeOfBed(entries);
  return unlessRemoved(taken['bed.laid'], taken['plan.removed'])?.body;
}

function reduceBarrier(_id: string, entries: readonly EntryAbout<'barrier'>[]): Barrier | undefined {
  const taken = takeOfBarrier(entries);
  return unlessRemoved(taken['barrier.set'], taken['plan.removed'])?.body;
}

/** Older records may hold the days of flowering the wrong way round. */
function reduceOutside(_id: string, entries: readonly EntryAbout<'outside'>[]): Outside | undefined {
  const taken = takeOfOutside(entries);
  const described = unlessRemoved(taken['outside.described'], taken['plan.removed'])?.body;
  if (!described?.flowering) return described;
  const { from, to } = described.flowering;
  return from <= to ? described : { ...described, flowering: { from: to, to: from } };
}

/** A subject that a single kind names, whose state is the last body recorded of it. */
const latest = <T extends 'season' | 'surroundings' | 'weather' | 'tie' | 'ways'>(
  _id: string,
  entries: readonly EntryAbout<T>[],
): States[T] | undefined => entries.at(-1)?.body as States[T] | undefined;

/** Of two readings of one hour the better believed counts, of two from one source the later recorded. */
function reduceReadings(day: string, entries: readonly EntryAbout<'readings'>[]): HourlyReadings | undefined {
  const read = entries.map(({ body }) => body);
  if (read.length === 0) return undefined;
  const rank = (source: ReadingSource): number => READING_SOURCES.indexOf(source);
  const byHour = new Map<number, { readonly source: ReadingSource; readonly row: ReadingRow }>();
  for (const { source, readings } of read) {
    for (const row of readings) {
      const held = byHour.get(row[0]);
      if (!held || rank(source) <= rank(held.source)) byHour.set(row[0], { source, row });
    }
  }
  const kept = [...byHour.values()].sort((a, b) => a.row[0] - b.row[0]);
  return {
    day,
    readings: kept.map(({ row }) => readingOf(row)),
    source: READING_SOURCES.findLast((source) => kept.some((each) => each.source === source))!,
  };
}

function reduceHours(_id: string, entries: readonly EntryAbout<'hours'>[]): SeenHours | undefined {
  const crop = entries[0]?.body.crop;
  return crop && { crop, seen: entries.map(({ at, body }) => ({ day: body.day, at, seen: body.seen })) };
}

function readingOf([ms, tempC, humidity, rainMm, wind, light]: ReadingRow): Reading {
  return {
    ms,
    tempC,
    ...(humidity !== null && { humidity }),
    ...(rainMm !== null && { rainMm }),
    ...(wind !== null && { wind }),
    ...(light !== null && { light }),
  };
}

function reduceGarden(_id: string, entries: readonly EntryAbout<'garden'>[]): Garden | undefined {
  const described = entries.at(-1);
  return described && { ...described.body, id: described.garden };
}

function reduceDevice(_id: string, entries: readonly EntryAbout<'device'>[]): Device | undefined {
  const named = entries.at(-1);
  return named && { ...named.body, device: named.device };
}

const takeOfPlant = taking<'plant'>()({
  'plants.set': 'last',
  'plant.removed': 'last',
  'plant.noted': 'last',
});

function reducePlant(id: string, entries: readonly EntryAbout<'plant'>[]): Plant | undefined {
  const { 'plants.set': set, 'plant.removed': removed, 'plant.noted': noted } = takeOfPlant(entries);
  const stands = set?.body.plants.find(({ plant }) => plant === id);
  if (!set || !stands) return undefined;
  const { bed, row, variety, planting } = set.body;
  return {
    plant: id,
    bed,
    row,
    place: stands.place,
    count: stands.count ?? 1,
    variety,
    ...(planting !== undefined && { planting }),
    ...(removed && { removed: { why: removed.body.why, at: removed.at } }),
    ...(noted && {
      noted: { health: noted.body.health, trueness: noted.body.trueness, at: noted.at },
    }),
  };
}

const NO_BUDS = { female: 0, male: 0 };

/** One for all walks that have none. */
const NONE: readonly string[] = [];
const plus = (held: readonly string[], more: readonly string[]): readonly string[] =>
  held.length === 0 ? more : [...new Set([...held, ...more])];

function reduceWalk(id: string, entries: readonly EntryAbout<'walk'>[]): Walk | undefined {
  if (entries.length === 0) return undefined;
  const { plant, day } = parseWalkId(id);
  // Filled in one pass: an old journal has one for every plant and day.
  const walk: Mutable<Walk> = {
    plant,
    day,
    at: entries[0]!.at,
    eve: NO_BUDS,
    green: NO_BUDS,
    blooms: NONE,
    coveredGreen: NONE,
    receptive: NONE,
    coveredEntries: NONE,
    coveredGreenEntries: NONE,
    receptiveEntries: NONE,
    emasculatedEntries: NONE,
  };
  for (const entry of entries) readWalk(entry, walk);
  return walk;
}

/** A kind that names a walk and has no case here does not compile. */
function readWalk({ id, at, kind, body }: EntryAbout<'walk'>, walk: Mutable<Walk>): void {
  switch (kind) {
    case 'scouted':
      walk.at = at;
      walk.eve = body.eve;
      walk.green = body.green;
      if (body.pin) walk.pin = body.pin;
      walk.scoutedEntry = id;
      break;
    case 'covered': {
      const blooms = body.blooms.map(({ bloom }) => bloom);
      if (body.stage === 'green') {
        walk.coveredGreen = plus(walk.coveredGreen, blooms);
        walk.coveredGreenEntries = plus(walk.coveredGreenEntries, [id]);
      } else {
        walk.blooms = plus(walk.blooms, blooms);
        walk.coveredEntries = plus(walk.coveredEntries, [id]);
      }
      break;
    }
    case 'receptive':
      walk.receptive = plus(walk.receptive, body.blooms);
      walk.receptiveEntries = plus(walk.receptiveEntries, [id]);
      break;
    case 'emasculated':
      walk.emasculatedEntries = plus(walk.emasculatedEntries, [id]);
      break;
    case 'swept':
      walk.swept = true;
      break;
    case 'rowPollinated':
      walk.rowPollinated = { at, method: body.method };
      break;
    case 'counted':
      walk.open = body.open;
      walk.countedEntry = id;
      break;
    case 'stripped':
      walk.stripped = (walk.stripped ?? 0) + body.count;
      break;
  }
}

/** What an entry says became of a stop; the plan itself says nothing of it. */
function stopDone({ id, at, kind, body }: EntryAbout<'round'>): StopDone | undefined {
  const became = (stop: string | undefined, outcome: StopDone['outcome']): StopDone | undefined =>
    stop === undefined ? undefined : { stop, entry: id, at, outcome };
  switch (kind) {
    case 'round.planned':
      return undefined;
    case 'pollinated':
      return became(body.stop, 'done');
    case 'missed':
      return became(body.stop, body.why);
    case 'stop.left':
      return became(body.stop, 'skipped');
    case 'picked':
      return became(body.stop, body.blooms.length > 0 ? 'done' : (body.spoiled[0]?.why ?? 'notFound'));
  }
}

/** The last plan counts; what was done keeps its stop id, so a re-planned round knows it is done. */
function reduceRound(_id: string, entries: readonly EntryAbout<'round'>[]): Round | undefined {
  const planned = entries.findLast((entry) => entry.kind === 'round.planned');
  if (!planned) return undefined;
  const done = new Map<string, StopDone>();
  for (const entry of entries) {
    const was = stopDone(entry);
    if (was) done.set(was.stop, was);
  }
  const { id, lamport, device, at } = planned;
  const { round, day, outing = 'morning', share, stops } = planned.body;
  return { round, day, outing, ...(share && { share }), stops, planned: { id, lamport, device, at }, done };
}

/** How each type of subject is folded from its entries, given in their total order. */
const REDUCERS: { readonly [T in SubjectType]: Reducer<T> } = {
  garden: reduceGarden,
  device: reduceDevice,
  season: latest<'season'>,
  surroundings: latest<'surroundings'>,
  bed: reduceBed,
  variety: reduceVariety,
  planting: reducePlanting,
  mating: reduceMating,
  cage: reduceCage,
  barrier: reduceBarrier,
  outside: reduceOutside,
  plant: reducePlant,
  walk: reduceWalk,
  bloom: reduceBloom,
  pollen: reducePollen,
  round: reduceRound,
  weather: latest<'weather'>,
  readings: reduceReadings,
  hours: reduceHours,
  tie: latest<'tie'>,
  ways: latest<'ways'>,
};

/**
 * The state of a subject.
 *
 * @param entries all that name it, in their total order.
 */
export const foldSubject = <T extends SubjectType>(
  type: T,
  id: string,
  entries: readonly Entry[],
): States[T] | undefined => (REDUCERS[type] as Reducer<T>)(id, entries as readonly EntryAbout<T>[]);
