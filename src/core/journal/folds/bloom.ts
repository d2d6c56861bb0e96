import { type Cohort, cohortOf, countedFlowers, type Counting } from '../cohort';
import type { EntryOf } from '../entry';
import { byTime } from '../order';
import { addsFlowers } from '../pollinations';
import type { EntryAbout } from '../taking';
import { addDays } from '../../time/calendar';
import type { Day } from '../../time/types';
import { TASTES } from '../kinds/seed';
import { COVER_FINDINGS, type MissedReason } from '../kinds/roundBodies';
import type { Bloom, Conflict, Look, Missed, Pollination } from '../state';
import { countingOf, lookOf, type Mutable, pollinationOf, reportOf, uncoveredOf, NONE } from './bloomParts';

/** A bloom while its entries are read. */
interface Draft {
  readonly bloom: Mutable<Bloom>;
  readonly cohort: Cohort | undefined;
  looks: Look[];
  pollinations: Pollination[];
  reports: Missed[];
  /** Why its pollen was not taken: at the end it is known what it is. */
  spoilings: { readonly why: MissedReason; readonly entry: EntryOf<'picked'> }[];
  countings: Counting[];
  members: string[];
  /** The most flowers among which fruit was counted. */
  fruitOf: number;
  /** Other tags: at the end it is known which was its first. */
  retaggings: EntryOf<'retagged'>[];
}

/**
 * One flower, or a cohort of them, from bud to harvest.
 *
 * What any device recorded stands. Pollen that was put on stays on, so a pollination outweighs a miss; the earliest
 * pollination gives the hour, all of them the fathers and the evidence, and so do reports of why it was not pollinated.
 * What two devices recorded of one flower is listed in `conflicts`.
 */
export function reduceBloom(id: string, entries: readonly EntryAbout<'bloom'>[]): Bloom | undefined {
  if (entries.length === 0) return undefined;
  const draft = draftOf(id);
  for (const entry of entries) read(entry, draft);
  readSpoilings(draft);
  readRetaggings(draft);
  const { bloom, cohort, looks, pollinations, reports } = draft;
  putOff(bloom, reports, pollinations);
  if (pollinations.length > 1) pollinations.sort(byTime);
  const first = pollinations[0];
  if (first) {
    bloom.pollination = first;
    if (pollinations.length > 1) bloom.laterPollinations = pollinations.slice(1);
    // Phones that add to one cohort do not contradict each other; where they do, its count clashes.
    if (!cohort) bloom.conflicts = conflictsOf(pollinations, reports, bloom.day);
  } else {
    const missed = reports.findLast(({ why }) => why !== 'notYet');
    if (missed) bloom.missed = missed;
  }
  looks.sort(byTime);
  // Of what nobody pollinated it is not known who did.
  if (!first && draft.fruitOf > 0) bloom.role = 'open';
  if (cohort) countCohort(bloom, draft);
  bloom.looks = looks;
  bloom.reports = draft.reports;
  return bloom;
}

/**
 * Found not open yet on a day, a flower opens on the next: it was covered too early. Whoever put pollen on it that day
 * found it open all the same. What names no day was said of the day it was expected on at first. So does one of which
 * nothing else is known: whoever covered it has not been heard of.
 */
function putOff(bloom: Mutable<Bloom>, reports: Missed[], pollinations: Pollination[]): void {
  const first = bloom.day;
  // As nearly always.
  if (reports.length === 0) return;
  const notYet = reports.flatMap(({ why, day }) => (why === 'notYet' && day !== undefined ? [day] : []));
  if (notYet.length === 0) return;
  const last = notYet.reduce((a, b) => (a > b ? a : b));
  if (first === undefined) {
    // What waits under its cover goes on waiting.
    if (!bloom.cover) bloom.day = addDays(last, 1);
    return;
  }
  if (last < first || pollinations.some(({ day = first }) => day <= last)) return;
  bloom.day = addDays(last, 1);
  bloom.putOffFrom = first;
  reports.forEach((report, i) => (reports[i] = { ...report, day: report.day ?? first }));
}

/** Two devices recorded one pollination, or one of them that it was none. A later one is no conflict. */
function conflictsOf(
  pollinations: readonly Pollination[],
  reports: readonly Missed[],
  own: Day | undefined,
): readonly Conflict[] {
  // As nearly always.
  if (pollinations.length === 1 && reports.length === 0) return NONE;
  const believed = new Map<number, Pollination>();
  const conflicts: Conflict[] = [];
  for (const each of pollinations) {
    const first = believed.get(each.application);
    if (!first) believed.set(each.application, each);
    else if (first.device !== each.device) conflicts.push({ believed: first.entry, other: each.entry });
  }
  const first = pollinations[0];
  const onItsDay = reports.filter(
    ({ device, day = own }) => device !== first?.device && day === (first?.day ?? own),
  );
  return first
    ? [...conflicts, ...onItsDay.map(({ entry }) => ({ believed: first.entry, other: entry }))]
    : conflicts;
}

/** One for all lists that hold nothing yet: most blooms have few, and nothing is ever put into it. */
const EMPTY: never[] = NONE as never[];

/** A list with one more. */
function and<T>(list: T[], more: T): T[] {
  if (list === EMPTY) return [more];
  list.push(more);
  return list;
}

function draftOf(id: string): Draft {
  const cohort = cohortOf(id);
  const bloom: Mutable<Bloom> = {
    bloom: id,
    plant: cohort?.plant ?? '',
    part: cohort?.part ?? 'flower',
    sex: cohort?.sex,
    count: 1,
    countedBy: NONE,
    members: NONE,
    code: '',
    role: 'hand',
    day: cohort?.day,
    laterPollinations: NONE,
    reports: NONE,
    looks: NONE,
    conflicts: NONE,
  };
  return {
    bloom,
    cohort,
    looks: EMPTY,
    reports: EMPTY,
    spoilings: EMPTY,
    pollinations: EMPTY,
    countings: EMPTY,
    members: EMPTY,
    retaggings: EMPTY,
    fruitOf: 0,
  };
}

/** Adds what an entry says of the bloom. A kind that names one and has no case here does not compile. */
function read(entry: EntryAbout<'bloom'>, draft: Draft): void {
  const { bloom } = draft;
  switch (entry.kind) {
    case 'covered':
      readCovered(entry, bloom);
      break;
    case 'picked':
      readPicked(entry, draft);
      break;
    case 'pollinated':
      bloom.plant ||= entry.body.plant;
      bloom.sex ??= 'female';
      bloom.day ??= entry.body.day;
      draft.pollinations = and(draft.pollinations, pollinationOf(entry));
      if (draft.cohort && addsFlowers(entry.body)) draft.countings = and(draft.countings, countingOf(entry));
      break;
    case 'missed':
      bloom.plant ||= entry.body.plant;
      bloom.sex ??= 'female';
      draft.reports = and(draft.reports, reportOf(entry, entry.body.why));
      break;
    case 'emasculated':
      readEmasculated(entry, bloom);
      break;
    case 'stripped': {
      const kept = entry.body.kept.find((each) => each.bloom === bloom.bloom);
      bloom.plant ||= entry.body.plant;
      bloom.role = 'open';
      bloom.keptOn ??= entry.body.day;
      bloom.code ||= kept?.code ?? '';
      break;
    }
    case 'fruit.counted':
      readFruitCounted(entry, draft);
      break;
    case 'receptive':
      bloom.plant ||= entry.body.plant;
      bloom.day = entry.body.day;
      break;
    case 'tagged':
      readTagged(entry, draft);
      break;
    case 'looked':
      draft.looks = and(draft.looks, lookOf(entry));
      break;
    case 'trial.dealt': {
      const { trial, dealt } = entry.body;
      const own = dealt.find((each) => each.bloom === bloom.bloom);
      bloom.plant ||= own?.plant ?? '';
      if (own) bloom.dealt ??= { trial, side: own.side };
      break;
    }
    case 'fruit.opened':
      readOpened(entry, bloom);
      break;
    case 'seed.extracted':
      bloom.lots = [...new Set([...(bloom.lots ?? NONE), entry.body.lot])];
      break;
    case 'retagged':
      draft.retaggings = and(draft.retaggings, entry);
      break;
    case 'fruits.ended':
      // What was taken off before is not there to end.
      draft.bloom.removed ??= { how: entry.body.how, at: entry.at, day: entry.body.day };
      break;
    case 'removed':
      readRemoved(entry, draft);
      break;
    case 'uncovered':
      bloom.plant ||= entry.body.plant;
      readUncovered(entry, bloom);
      break;
    case 'harvested': {
      const { use, tagThere, typical, count, grams } = entry.body;
      const weighed = grams === undefined ? {} : { grams };
      if (count !== undefined) {
        bloom.picks = [...(bloom.picks ?? []), { use, at: entry.at, count, ...weighed }];
        break;
      }
      const before = bloom.harvest;
      // Of what several found the worse counts.
      bloom.harvest = {
        use,
        tagThere: tagThere && before?.tagThere !== false,
        typical: typical && before?.typical !== false,
        at: entry.at,
        ...(before?.grams !== undefined && { grams: before.grams }),
        ...weighed,
      };
      break;
    }
  }
}

function readCovered({ at, body }: EntryOf<'covered'>, bloom: Mutable<Bloom>): void {
  const named = body.blooms.find((each) => each.bloom === bloom.bloom);
  if (!named) return;
  bloom.plant = body.plant;
  // What is covered green waits until it is found receptive.
  if (body.stage !== 'green') bloom.day = body.day;
  bloom.sex = named.sex;
  bloom.code = named.code;
  bloom.part = named.part ?? 'flower';
  if (named.role) bloom.role = named.role;
  // A bag over the tape covers what was covered already, and who only marked it took nothing off.
  const before = bloom.cover && bloom.cover.method !== 'none' ? bloom.cover : undefined;
  if (before && body.method === 'none') return;
  bloom.cover = { method: body.method, at: before && before.at < at ? before.at : at };
}

function readEmasculated({ at, body }: EntryOf<'emasculated'>, bloom: Mutable<Bloom>): void {
  const named = body.blooms.find((each) => each.bloom === bloom.bloom);
  if (!named) return;
  bloom.plant ||= body.plant;
  bloom.day ??= body.day;
  bloom.sex ??= 'perfect';
  bloom.code ||= named.code;
  if (named.role) bloom.role = named.role;
  bloom.emasculated ??= { at };
}

function readPicked(entry: EntryOf<'picked'>, draft: Draft): void {
  const { bloom } = draft;
  const { id, at, body } = entry;
  bloom.plant ||= body.plant;
  bloom.sex ??= 'male';
  const spoiled = body.spoiled.find((each) => each.bloom === bloom.bloom);
  if (spoiled) draft.spoilings = and(draft.spoilings, { why: spoiled.why, entry });
  else {
    if (bloom.picked) bloom.pickedBefore = [...(bloom.pickedBefore ?? []), bloom.picked];
    const { day, hands } = body;
    bloom.picked = { at, ...(day !== undefined && { day }), ...(hands && { hands }), entry: id };
  }
}

/** Of what several tasted the worst counts. */
function readOpened({ body: { day, taste, none } }: EntryOf<'fruit.opened'>, bloom: Mutable<Bloom>): void {
  const before = bloom.opened;
  const worst = TASTES.findLast((each) => each === taste || each === before?.taste);
  const loss = before?.none ?? none;
  bloom.opened = { day: before?.day ?? day, ...(worst && { taste: worst }), ...(loss && { none: loss }) };
}

function readRemoved({ at, body }: EntryOf<'removed'>, { bloom }: Draft): void {
  const { how, count } = body;
  if (count === undefined) bloom.removed = { how, at };
  else bloom.thinned = [...(bloom.thinned ?? []), { how, at, count }];
}

/** Of what several found the worse counts, and of the same the earlier day. */
function readUncovered(entry: EntryOf<'uncovered'>, bloom: Mutable<Bloom>): void {
  const [was, is] = [bloom.uncovered, uncoveredOf(entry)];
  if (was) {
    bloom.uncoverings = [...(bloom.uncoverings ?? [was]), is];
    const worse = COVER_FINDINGS.indexOf(is.found) - COVER_FINDINGS.indexOf(was.found);
    if (worse < 0 || (worse === 0 && (is.day ?? LAST_DAY) >= (was.day ?? LAST_DAY))) return;
  }
  bloom.uncovered = is;
}

/** After any day that is known. */
const LAST_DAY = '9999';

/** A male that is unfit is of no use at all; what bears as well was passed over. */
function readSpoilings(draft: Draft): void {
  const { bloom } = draft;
  for (const { why, entry } of draft.spoilings) {
    if (why === 'notYet' || bloom.sex !== 'male') draft.reports = and(draft.reports, reportOf(entry, why));
    // Who did not find it says nothing of what somebody else found.
    else if (why !== 'notFound' || !bloom.spoiled) bloom.spoiled = { why, at: entry.at, entry: entry.id };
  }
}

/** Each took the place of the one before, in the order of time. */
function readRetaggings({ bloom, retaggings }: Draft): void {
  if (retaggings.length === 0) return;
  bloom.retags = retaggings.sort(byTime).map(({ at, body: { was, code, other } }) => {
    const before = bloom.code;
    bloom.code = code;
    return { at, was, before, ...(other !== undefined && { other }) };
  });
}

/** Of a cohort: one of it got a tag. Of that one: what it was among. */
function readTagged({ at, body }: EntryOf<'tagged'>, draft: Draft): void {
  const { bloom } = draft;
  if (body.bloom !== bloom.bloom) {
    draft.members = and(draft.members, body.bloom);
    return;
  }
  const { of, plant, code } = body;
  const cohort = cohortOf(of);
  Object.assign(bloom, { of, plant, code, taggedAt: at });
  if (cohort) Object.assign(bloom, { part: cohort.part, sex: cohort.sex, day: cohort.day });
}

function readFruitCounted({ id, at, body }: EntryOf<'fruit.counted'>, draft: Draft): void {
  const { bloom } = draft;
  const { plant, day, growing, of, misshapen } = body;
  bloom.plant ||= plant;
  if (bloom.keptOn === undefined || day < bloom.keptOn) bloom.keptOn = day;
  draft.fruitOf = Math.max(draft.fruitOf, of);
  const seen = growing > 0 ? 'growing' : 'gone';
  const look: Look = { at, seen, growing, of, ...(misshapen !== undefined && { misshapen }), entry: id };
  draft.looks = and(draft.looks, look);
}

/**
 * A cohort is never fewer than those of it that have a tag, or those among which its fruit was counted; where none of it
 * got pollen, it is those that got none.
 */
function countCohort(flower: Mutable<Bloom>, { countings, members, fruitOf, reports }: Draft): void {
  const { count, clash } = countedFlowers(countings);
  const missed = flower.pollination ? 0 : Math.max(0, ...reports.map((report) => report.count ?? 0));
  flower.members = [...new Set(members)];
  flower.count = Math.max(count, flower.members.length, fruitOf, missed);
  flower.countedBy = countings.map(({ entry }) => entry);
  if (clash || flower.members.length > count) flower.countClash = true;
}
