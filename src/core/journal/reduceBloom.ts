import { cohortOf, countedFlowers, type Counting } from './cohort';
import type { Entry, EntryOf } from './entry';
import type { Conflict, Bloom, Look, Missed, Pollination } from './state';

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
  const { seen, cause, tag, growing, of } = entry.body;
  return {
    at: entry.at,
    seen,
    ...(cause && { cause }),
    ...(tag && { tag }),
    ...(growing !== undefined && { growing }),
    ...(of !== undefined && { of }),
    entry: entry.id,
  };
}

const countingOf = ({ id, body }: EntryOf<'pollinated'>): Counting => ({
  entry: id,
  count: body.count ?? 1,
  after: body.after ?? NONE,
});

/** One for all blooms that have none. */
const NONE: readonly string[] = [];

/**
 * One flower, or a cohort of them, from bud to harvest.
 *
 * What any device recorded stands. Pollen that was put on stays on, so a pollination outweighs a miss; the earliest
 * pollination gives the hour, all of them the fathers and the evidence, and so do reports of why it was not pollinated.
 * What two devices recorded of one flower is listed in `conflicts`.
 */
export function reduceBloom(id: string, entries: readonly Entry[]): Bloom | undefined {
  if (entries.length === 0) return undefined;
  const looks: Look[] = [];
  const pollinations: Pollination[] = [];
  const reports: Missed[] = [];
  const cohort = cohortOf(id);
  const countings: Counting[] = [];
  const members: string[] = [];
  const flower: Mutable<Bloom> = {
    bloom: id,
    plant: cohort?.plant ?? '',
    part: cohort?.part ?? 'flower',
    sex: cohort?.sex,
    count: 1,
    countedBy: NONE,
    members: NONE,
    code: '',
    day: cohort?.day,
    laterPollinations: [],
    reports,
    looks,
    conflicts: [],
  };
  for (const entry of entries) {
    switch (entry.kind) {
      case 'covered': {
        const named = entry.body.blooms.find((each) => each.bloom === id);
        if (!named) break;
        flower.plant = entry.body.plant;
        flower.day = entry.body.day;
        flower.sex = named.sex;
        flower.code = named.code;
        flower.cover = { method: entry.body.method, at: entry.at };
        break;
      }
      case 'picked': {
        flower.plant ||= entry.body.plant;
        flower.sex ??= 'male';
        const spoiled = entry.body.spoiled.find((each) => each.bloom === id);
        if (spoiled) flower.spoiled = { why: spoiled.why, at: entry.at, entry: entry.id };
        else flower.picked = { at: entry.at, entry: entry.id };
        break;
      }
      case 'pollinated': {
        flower.plant ||= entry.body.plant;
        flower.sex ??= 'female';
        pollinations.push(pollinationOf(entry));
        if (cohort) countings.push(countingOf(entry));
        break;
      }
      case 'tagged': {
        const { of, plant, code, bloom } = entry.body;
        if (bloom !== id) {
          members.push(bloom);
          break;
        }
        const one = cohortOf(of);
        Object.assign(flower, {
          of,
          plant,
          code,
          ...(one && { part: one.part, sex: one.sex, day: one.day }),
        });
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
    // Phones that add to one cohort do not contradict each other; where they do, its count clashes.
    const others = cohort ? [] : [...later, ...reports];
    flower.conflicts = others.flatMap(({ device, entry }): Conflict[] =>
      device === first.device ? [] : [{ believed: first.entry, other: entry }],
    );
  } else if (reports.length > 0) flower.missed = reports.at(-1)!;
  looks.sort(byTime);
  if (cohort) countCohort(flower, countings, members);
  return flower;
}

/** A cohort is never fewer than those of it that have a tag. */
function countCohort(
  flower: Mutable<Bloom>,
  countings: readonly Counting[],
  members: readonly string[],
): void {
  const { count, clash } = countedFlowers(countings);
  flower.members = [...new Set(members)];
  flower.count = Math.max(count, flower.members.length);
  flower.countedBy = countings.map(({ entry }) => entry);
  if (clash || flower.members.length > count) flower.countClash = true;
}

/** By when it happened; what happened at once stays in the order of the entries. */
const byTime = (a: { readonly at: string }, b: { readonly at: string }): number =>
  a.at < b.at ? -1 : a.at > b.at ? 1 : 0;
