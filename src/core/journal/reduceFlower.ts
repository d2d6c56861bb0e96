import type { Entry, EntryOf } from './entry';
import type { Conflict, Flower, Look, Pollination } from './state';

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
 * When two devices recorded the same morning, the rule is: pollen that was put on stays on. So a pollination
 * outweighs a miss, and the earlier in order of two pollinations is believed; a later one by the same device is a
 * repeat. Either way both entries stay, and the conflict is listed in `conflicts`.
 */
export function reduceFlower(id: string, entries: readonly Entry[]): Flower | undefined {
  if (entries.length === 0) return undefined;
  const looks: Look[] = [];
  const laterPollinations: Pollination[] = [];
  const conflicts: Conflict[] = [];
  let missedBy: EntryOf<'missed'> | undefined;
  const flower: Mutable<Flower> = {
    flower: id,
    plant: '',
    sex: undefined,
    code: '',
    morning: undefined,
    laterPollinations,
    looks,
    conflicts,
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
        if (spoiled) flower.spoiled = { why: spoiled.why, at: entry.at };
        else flower.picked = { at: entry.at };
        break;
      }
      case 'pollinated': {
        flower.plant ||= entry.body.plant;
        flower.sex ??= 'female';
        const believed = flower.pollination;
        if (!believed) flower.pollination = pollinationOf(entry);
        else if (believed.device !== entry.device)
          conflicts.push({ believed: believed.entry, other: entry.id });
        else laterPollinations.push(pollinationOf(entry));
        break;
      }
      case 'missed':
        flower.plant ||= entry.body.plant;
        flower.sex ??= 'female';
        missedBy = entry;
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
  if (missedBy && !flower.pollination) flower.missed = { why: missedBy.body.why, at: missedBy.at };
  if (missedBy && flower.pollination && flower.pollination.device !== missedBy.device) {
    conflicts.push({ believed: flower.pollination.entry, other: missedBy.id });
  }
  looks.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  return flower;
}
