import type { Entry, EntryOf } from './entry';
import { walkedOn } from './kinds/scout';
import type { SubjectType } from './kinds/definition';
import { READING_SOURCES, type ReadingRow, type ReadingSource } from './kinds/weather';
import { compareEntries } from './order';
import { reduceBloom, type Mutable } from './reduceBloom';
import type {
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

type Reducer<T extends SubjectType> = (id: string, entries: readonly Entry[]) => States[T] | undefined;

const last = <K extends Entry['kind']>(entries: readonly Entry[], kind: K): EntryOf<K> | undefined =>
  entries.findLast((entry): entry is EntryOf<K> & Entry => entry.kind === kind);

const all = <K extends Entry['kind']>(entries: readonly Entry[], kind: K): EntryOf<K>[] =>
  entries.filter((entry): entry is EntryOf<K> & Entry => entry.kind === kind);

/** What was last recorded of a subject, unless it was removed after that. */
function unlessRemoved<K extends 'bed.laid' | 'variety.described' | 'barrier.set' | 'outside.described'>(
  entries: readonly Entry[],
  kind: K,
): EntryOf<K> | undefined {
  const described = last(entries, kind);
  const removed = last(entries, 'plan.removed');
  return described && removed && compareEntries(described, removed) < 0 ? undefined : described;
}

function reduceVariety(_id: string, entries: readonly Entry[]): Variety | undefined {
  const described = unlessRemoved(entries, 'variety.described')?.body;
  if (!described) return undefined;
  const seen = all(entries, 'flowering.seen').filter(({ body }) => body.planting === undefined);
  return { ...described, flowered: daysOf(seen), purposes: purposesOf(entries) };
}

const daysOf = (seen: readonly EntryOf<'flowering.seen'>[]): Day[] =>
  [...new Set(seen.map(({ body }) => body.day))].sort();

/** What a variety was grown for, one for each change. */
function purposesOf(entries: readonly Entry[]): PurposeSince[] {
  const purposes: PurposeSince[] = [];
  for (const { at, body } of all(entries, 'variety.described')) {
    const { purpose, ownPollen } = body;
    const before = purposes.at(-1);
    if (before?.purpose === purpose && before.ownPollen === ownPollen) continue;
    purposes.push({ from: at, purpose, ownPollen });
  }
  return purposes;
}

function reducePlanting(_id: string, entries: readonly Entry[]): Planting | undefined {
  const set = last(entries, 'planting.set')?.body;
  return set && { ...set, flowered: daysOf(all(entries, 'flowering.seen')) };
}

function reduceMating(_id: string, entries: readonly Entry[]): Mating | undefined {
  const set = last(entries, 'mating.set');
  return set && { ...set.body, id: set.id, lamport: set.lamport, device: set.device };
}

function reduceCage(_id: string, entries: readonly Entry[]): Cage | undefined {
  const set = last(entries, 'cage.set');
  if (!set) return undefined;
  const sets = all(entries, 'cage.set')
    .map(({ at, body }) => ({ at, plants: body.plants }))
    .sort((a, b) => toMs(a.at) - toMs(b.at));
  const openOn = all(entries, 'cage.opened').map(({ body }) => body.day);
  return { ...set.body, from: sets[0]!.at, sets, openOn: [...new Set(openOn)].sort() };
}

function reducePollen(_id: string, entries: readonly Entry[]): PollenMix | undefined {
  const mixed = last(entries, 'pollen.mixed');
  return mixed && { ...mixed.body, at: mixed.at };
}

/** Older records may hold the days of flowering the wrong way round. */
function reduceOutside(_id: string, entries: readonly Entry[]): Outside | undefined {
  const described = unlessRemoved(entries, 'outside.described')?.body;
  if (!described?.flowering) return described;
  const { from, to } = described.flowering;
  return from <= to ? described : { ...described, flowering: { from: to, to: from } };
}

/** A subject whose state is simply the last body recorded of it. */
const latest =
  <T extends 'season' | 'surroundings' | 'weather' | 'tie' | 'ways'>(
    kind: {
      season: 'season.named';
      surroundings: 'surroundings.described';
      weather: 'weather.noted';
      tie: 'tie.set';
      ways: 'ways.set';
    }[T],
  ): Reducer<T> =>
  (_id, entries) =>
    last(entries, kind)?.body as States[T] | undefined;

/** Of two readings of one hour the better believed counts, of two from one source the later recorded. */
function reduceReadings(day: string, entries: readonly Entry[]): HourlyReadings | undefined {
  const read = all(entries, 'weather.read').map(({ body }) => body);
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

function reduceHours(_id: string, entries: readonly Entry[]): SeenHours | undefined {
  const seen = all(entries, 'hours.seen');
  const crop = seen[0]?.body.crop;
  return crop && { crop, seen: seen.map(({ at, body }) => ({ day: body.day, at, seen: body.seen })) };
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

function reduceGarden(_id: string, entries: readonly Entry[]): Garden | undefined {
  const described = last(entries, 'garden.described');
  return described && { ...described.body, id: described.garden };
}

function reduceDevice(_id: string, entries: readonly Entry[]): Device | undefined {
  const named = last(entries, 'device.named');
  return named && { ...named.body, device: named.device };
}

function reducePlant(id: string, entries: readonly Entry[]): Plant | undefined {
  const set = last(entries, 'plants.set');
  const stands = set?.body.plants.find(({ plant }) => plant === id);
  if (!set || !stands) return undefined;
  const { bed, row, variety, planting } = set.body;
  const removed = last(entries, 'plant.removed');
  const noted = last(entries, 'plant.noted');
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

function reduceWalk(id: string, entries: readonly Entry[]): Walk | undefined {
  if (entries.length === 0) return undefined;
  const { plant, day } = walkedOn(id);
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

function readWalk({ id, at, kind, body }: Entry, walk: Mutable<Walk>): void {
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
    default:
      break;
  }
}

function stopDone(entry: Entry): StopDone | undefined {
  const { id, at } = entry;
  if (entry.kind === 'pollinated')
    return entry.body.stop === undefined
      ? undefined
      : { stop: entry.body.stop, entry: id, at, outcome: 'done' };
  if (entry.kind === 'missed')
    return entry.body.stop === undefined
      ? undefined
      : { stop: entry.body.stop, entry: id, at, outcome: entry.body.why };
  if (entry.kind !== 'picked') return undefined;
  const { stop, blooms, spoiled } = entry.body;
  const outcome = blooms.length > 0 ? 'done' : (spoiled[0]?.why ?? 'notFound');
  return { stop, entry: id, at, outcome };
}

/** The last plan counts; what was done keeps its stop id, so a re-planned round knows it is done. */
function reduceRound(_id: string, entries: readonly Entry[]): Round | undefined {
  const planned = last(entries, 'round.planned');
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
export const REDUCERS: { readonly [T in SubjectType]: Reducer<T> } = {
  garden: reduceGarden,
  device: reduceDevice,
  season: latest('season.named'),
  surroundings: latest('surroundings.described'),
  bed: (_id, entries) => unlessRemoved(entries, 'bed.laid')?.body,
  variety: reduceVariety,
  planting: reducePlanting,
  mating: reduceMating,
  cage: reduceCage,
  barrier: (_id, entries) => unlessRemoved(entries, 'barrier.set')?.body,
  outside: reduceOutside,
  plant: reducePlant,
  walk: reduceWalk,
  bloom: reduceBloom,
  pollen: reducePollen,
  round: reduceRound,
  weather: latest('weather.noted'),
  readings: reduceReadings,
  hours: reduceHours,
  tie: latest('tie.set'),
  ways: latest('ways.set'),
};
