import { INSECTS_FROM } from '../kinds/planting';
import { withoutSince } from './withoutSince';
import type { EntryOf } from '../entry';
import type { Kind } from '../kinds/kinds';
import { compareEntries } from '../order';
import { type EntryAbout, taking } from '../taking';
import type { Barrier, Bed, Cage, Device, Garden, Outside, Plant, PollenMix, Surroundings } from '../state';
import { toMs } from '../../time/calendar';

/** What was last recorded of a subject, unless it was removed after that. */
export const unlessRemoved = <E extends EntryOf<Kind>>(
  described: E | undefined,
  removed: EntryOf<'plan.removed'> | undefined,
): E | undefined => (described && removed && compareEntries(described, removed) < 0 ? undefined : described);

const takeOfBed = taking<'bed'>()({ 'bed.laid': 'last', 'plan.removed': 'last' });

const takeOfBarrier = taking<'barrier'>()({ 'barrier.set': 'last', 'plan.removed': 'last' });

const takeOfOutside = taking<'outside'>()({ 'outside.described': 'last', 'plan.removed': 'last' });

export function reduceBed(_id: string, entries: readonly EntryAbout<'bed'>[]): Bed | undefined {
  const taken = takeOfBed(entries);
  return withoutSince(unlessRemoved(taken['bed.laid'], taken['plan.removed'])?.body);
}

export function reduceBarrier(_id: string, entries: readonly EntryAbout<'barrier'>[]): Barrier | undefined {
  const taken = takeOfBarrier(entries);
  return withoutSince(unlessRemoved(taken['barrier.set'], taken['plan.removed'])?.body);
}

/** Older records may hold the days of flowering the wrong way round. */
export function reduceOutside(_id: string, entries: readonly EntryAbout<'outside'>[]): Outside | undefined {
  const taken = takeOfOutside(entries);
  const described = withoutSince(unlessRemoved(taken['outside.described'], taken['plan.removed'])?.body);
  if (!described?.flowering) return described;
  const { from, to } = described.flowering;
  return from <= to ? described : { ...described, flowering: { from: to, to: from } };
}

const takeOfCage = taking<'cage'>()({ 'cage.set': 'all', 'cage.opened': 'all', 'cage.stocked': 'all' });

export function reduceCage(_id: string, entries: readonly EntryAbout<'cage'>[]): Cage | undefined {
  const taken = takeOfCage(entries);
  const set = taken['cage.set'].at(-1);
  if (!set) return undefined;
  const sets = taken['cage.set']
    .map(({ at, body }) => ({ at, plants: body.plants }))
    .sort((a, b) => toMs(a.at) - toMs(b.at));
  const openOn = taken['cage.opened'].map(({ body }) => body.day);
  const stocked = taken['cage.stocked']
    .map(({ body: { day, from } }) => ({ day, from }))
    .sort((a, b) =>
      a.day < b.day ? -1 : a.day > b.day ? 1 : INSECTS_FROM.indexOf(a.from) - INSECTS_FROM.indexOf(b.from),
    );
  return {
    ...set.body,
    ...{ from: sets[0]!.at, sets, openOn: [...new Set(openOn)].sort() },
    ...(stocked.length > 0 && { stocked }),
  };
}

const takeOfPollen = taking<'pollen'>()({ 'pollen.mixed': 'all', 'pollen.emptied': 'last' });

export function reducePollen(_id: string, entries: readonly EntryAbout<'pollen'>[]): PollenMix | undefined {
  const { 'pollen.mixed': fills, 'pollen.emptied': emptied } = takeOfPollen(entries);
  const mixed = fills.at(-1);
  // Filled again it is there again.
  const isEmpty = emptied !== undefined && fills.every(({ at }) => toMs(at) <= toMs(emptied.at));
  return (
    mixed && {
      ...mixed.body,
      at: mixed.at,
      fills: fills.map(({ at, body }) => ({ at, of: body.of })),
      ...(isEmpty && { emptied: emptied.at }),
    }
  );
}

const takeOfPlant = taking<'plant'>()({
  'plants.set': 'last',
  'plant.removed': 'all',
  'plants.ended': 'last',
  'plant.noted': 'all',
  'plant.selected': 'last',
});

export function reducePlant(id: string, entries: readonly EntryAbout<'plant'>[]): Plant | undefined {
  const taken = takeOfPlant(entries);
  const { 'plants.set': set, 'plant.removed': removals, 'plant.noted': notes } = taken;
  const selected = taken['plant.selected'];
  const removed = removals.at(-1) ?? taken['plants.ended'];
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
    ...(removed && {
      removed: {
        // Who saw an off-type outweighs who found it gone.
        why: removals.some(({ body }) => body.why === 'offType')
          ? 'offType'
          : removed.kind === 'plants.ended'
            ? 'ended'
            : removed.body.why,
        at: removed.at,
      },
    }),
    ...(notes.length > 0 && { noted: notedOf(notes) }),
    ...(selected && {
      selected: { choice: selected.body.choice, ...(selected.body.note && { note: selected.body.note }) },
    }),
  };
}

/**
 * How a plant looked: its health as it was noted last. Whether it is true does not change: of what each device noted
 * last the worst counts, whichever of them was the last to be heard of.
 */
function notedOf(notes: readonly EntryOf<'plant.noted'>[]): NonNullable<Plant['noted']> {
  const last = notes.reduce((latest, each) => (toMs(each.at) >= toMs(latest.at) ? each : latest));
  const byDevice = new Map(notes.map((each) => [each.device, each]));
  const doubt = [...byDevice.values()].find(({ body }) => body.trueness === 'doubtful');
  return {
    health: last.body.health,
    trueness: doubt ? 'doubtful' : last.body.trueness,
    at: (doubt ?? last).at,
  };
}

const takeOfSurroundings = taking<'surroundings'>()({
  'surroundings.described': 'last',
  'surroundings.looked': 'all',
});

export function reduceSurroundings(
  _id: string,
  entries: readonly EntryAbout<'surroundings'>[],
): Surroundings | undefined {
  const { 'surroundings.described': described, 'surroundings.looked': looked } = takeOfSurroundings(entries);
  if (!described && looked.length === 0) return undefined;
  return { ...described?.body, looked: looked.map(({ body }) => body) };
}

export function reduceGarden(_id: string, entries: readonly EntryAbout<'garden'>[]): Garden | undefined {
  const described = entries.at(-1);
  return described && { ...described.body, id: described.garden };
}

export function reduceDevice(_id: string, entries: readonly EntryAbout<'device'>[]): Device | undefined {
  const named = entries.at(-1);
  return named && { ...named.body, device: named.device };
}
