import { withoutSince } from './withoutSince';
import type { EntryOf } from '../entry';
import { type EntryAbout, taking } from '../taking';
import type { Mating, Planting, PurposeSince, Variety } from '../state';
import type { Day } from '../../time/types';
import { unlessRemoved } from './plan';

const takeOfVariety = taking<'variety'>()({
  'variety.described': 'all',
  'flowering.seen': 'all',
  'flowering.over': 'all',
  'plan.removed': 'last',
});

export function reduceVariety(_id: string, entries: readonly EntryAbout<'variety'>[]): Variety | undefined {
  const taken = takeOfVariety(entries);
  const all = taken['variety.described'];
  const last = unlessRemoved(all.at(-1), taken['plan.removed']);
  if (!last) return undefined;
  const ofNone = ({ body }: EntryOf<'flowering.seen' | 'flowering.over'>): boolean =>
    body.planting === undefined;
  return {
    ...withoutSince(last.body),
    flowered: daysOf(taken['flowering.seen'].filter(ofNone)),
    over: daysOf(taken['flowering.over'].filter(ofNone)),
    purposes: purposesOf(all),
    describedBy: last.id,
  };
}

const daysOf = (seen: readonly EntryOf<'flowering.seen' | 'flowering.over'>[]): Day[] =>
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

const takeOfPlanting = taking<'planting'>()({
  'planting.set': 'last',
  'flowering.seen': 'all',
  'flowering.over': 'all',
});

export function reducePlanting(
  _id: string,
  entries: readonly EntryAbout<'planting'>[],
): Planting | undefined {
  const taken = takeOfPlanting(entries);
  const set = taken['planting.set']?.body;
  return set && { ...set, flowered: daysOf(taken['flowering.seen']), over: daysOf(taken['flowering.over']) };
}

export function reduceMating(_id: string, entries: readonly EntryAbout<'mating'>[]): Mating | undefined {
  const versions = entries.map(({ body, id, lamport, device, at }) => ({ ...body, id, lamport, device, at }));
  const latest = versions.at(-1);
  if (!latest) return undefined;
  const { at: _at, ...now } = latest;
  return { ...now, versions };
}
