import type { Entry, EntryOf } from './entry';
import type { Conflict, Flower, Look, Missed, Pollination } from './state';

type Mutable<T> = { -readonly [K in keyof T]: T[K] };

const pollinationOf = (entry: EntryOf<'pollinated'>): Pollination => ({
  at: entry.at,
  donors: entry.body.donors,
  found: entry.body.found,
  method: entry.body.method,
  shutAgain: entry.body.shutAgain,
  tagged: entry.body.tagged,
  device: entry.device,
  entry: entry.id,
});

function lookOf(entry: EntryOf<'looked'>): Look {
  const { seen, cause, tag } = entry.body;
  return { at: entry.at, seen, ...(cause && { cause }), ...(tag && { tag }), entry: entry.id };
}

/**
 * One flower from bud to harvest.
 *
 * What any device recorded stands. Pollen that was put on stays on, so a pollination outweighs a miss; the earliest
 * pollination gives the hour, all of them the fathers and the evidence, and so do reports of why it was not pollinated.
 * What two devices recorded of one flower is listed in `conflicts`.
 */
export function reduceFlower(id: string, entries: readonly Entry[]): Flower | undefined {
  if (entries.length === 0) return undefined;
  const looks: Look[] = [];
  const pollinations: Pollination[] = [];
  const reports: Missed[] = [];
  const flower: Mutable<Flower> = {
    flower: id,
    plant: '',
    sex: undefined,
    code: '',
    morning: undefined,
    laterPollinations: [],
    reports,
    looks,
    conflicts: [],
  };
  for (const entry of entries) {
    switch (entry.kind) {
      case 'covered': {
        const named = entry.body.flowers.find((each) => each.flower === id);
        if (!named) break;
        flower.plant = entry.body.plant;
        flower.morning = entry.body.morning;
        flower.sex = named.sex;
        flower.code = named.code;
        flower.cover = { method: entry.body.method, at: entry.at };
        break;
      }
      case 'picked': {
        flower.plant ||= entry.body.plant;
        flower.sex ??= 'male';
        const spoiled = entry.body.spoiled.find((each) => each.flower === id);
        if (spoiled) flower.spoiled = { why: spoiled.why, at: entry.at, entry: entry.id };
        else flower.picked = { at: entry.at, entry: entry.id };
        break;
      }
      case 'pollinated': {
        flower.plant ||= entry.body.plant;
        flower.sex ??= 'female';
        pollinations.push(pollinationOf(entry));
        break;
      }
      case 'missed':
        flower.plant ||= entry.body.plant;
        flower.sex ??= 'female';
        reports.push({ why: entry.body.why, at: entry.at, device: entry.device, entry: entry.id });
        break;
      case 'looked':
        looks.push(lookOf(entry));
        break;
      case 'removed':
        flower.removed = { how: entry.body.how, at: entry.at };
        break;
      case 'harvested': {
        const { use, tagThere, typical } = entry.body;
        flower.harvest = { use, tagThere, typical, at: entry.at };
        break;
      }
      default:
        break;
    }
  }
  const [first, ...later] = pollinations.sort(byTime);
  if (first) {
    flower.pollination = first;
    flower.laterPollinations = later;
    flower.conflicts = [...later, ...reports].flatMap(({ device, entry }): Conflict[] =>
      device === first.device ? [] : [{ believed: first.entry, other: entry }],
    );
  } else if (reports.length > 0) flower.missed = reports.at(-1)!;
  looks.sort(byTime);
  return flower;
}

/** By when it happened; what happened at once stays in the order of the entries. */
const byTime = (a: { readonly at: string }, b: { readonly at: string }): number =>
  a.at < b.at ? -1 : a.at > b.at ? 1 : 0;
