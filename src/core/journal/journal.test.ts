import fc from 'fast-check';
import { livedSeason } from '@testing/seasons';
import type { Entry, Fact, StoredEntry } from './entry';
import { cohortId } from './cohort';
import { isCorrection } from './corrections';
import { Journal } from './journal';
import { SUBJECT_TYPES } from './kinds/definition';
import { compareEntries } from './order';
import { foldSubject } from './reduce';
import { forEachSubject } from './subjects';
import { entryOf } from '@testing/entries';
import { redoable, undoable } from './undo';

const SEASON = livedSeason('fiveWeeks');

const journalOf = (entries: Iterable<StoredEntry>): Journal => {
  const journal = new Journal();
  journal.add(entries);
  return journal;
};

/** All states, in an order that does not depend on arrival. */
function stateOf(journal: Journal): unknown {
  return SUBJECT_TYPES.map((type) =>
    [...journal.all(type)]
      .map(([id, state]) => [id, 'done' in state ? { ...state, done: [...state.done].sort() } : state])
      .sort(([a], [b]) => (String(a) < String(b) ? -1 : 1)),
  );
}

/** Writes entries as a device would, each tap an action. */
class Writer {
  static ids = 0;
  readonly entries: Entry[] = [];
  constructor(
    readonly device: string,
    public lamport = 0,
  ) {}

  tap(...facts: readonly Fact[]): Entry[] {
    Writer.ids += 1;
    const action = `action-${Writer.ids}`;
    const fresh = facts.map((fact) => {
      this.lamport += 1;
      Writer.ids += 1;
      const at = new Date(1_780_000_000_000 + Writer.ids * 60_000).toISOString();
      const id = `id-${String(Writer.ids).padStart(6, '0')}`;
      return entryOf(fact, { id, lamport: this.lamport, at, device: this.device, action });
    });
    this.entries.push(...fresh);
    return fresh;
  }
}

const scouted = (plant: string, female: number): Fact => ({
  kind: 'scouted',
  body: { plant, day: '2026-07-19', eve: { female, male: 0 }, green: { female: 0, male: 0 } },
});
const covered = (...flowers: string[]): Fact => ({
  kind: 'covered',
  body: {
    plant: 'p1',
    day: '2026-07-19',
    method: 'tape',
    blooms: flowers.map((bloom) => ({ bloom, sex: 'female', code: '' })),
  },
});
const pollinated = (flower: string): Fact => ({
  kind: 'pollinated',
  body: {
    bloom: flower,
    plant: 'p1',
    round: 'r',
    stop: `dab-${flower}`,
    donors: [],
    found: 'shut',
    method: 'maleFlower',
    shutAgain: true,
    tagged: true,
  },
});
const struck = (target: Entry): Fact => ({ kind: 'struck', body: { target: target.id } });

/** Entries of two devices with amendments, strikes and strikes of strikes. */
const messy = fc
  .array(fc.tuple(fc.nat(3), fc.nat(5), fc.nat(1000), fc.boolean()), { minLength: 1, maxLength: 25 })
  .map((steps) => {
    const writers = [new Writer('phone-a'), new Writer('phone-b')] as const;
    const all: Entry[] = [];
    for (const [what, flower, pick, first] of steps) {
      const writer = writers[first ? 0 : 1];
      const target = all[pick % Math.max(1, all.length)];
      // A clock that has seen everything, or one that was out of reach for a while.
      writer.lamport =
        pick % 3 === 0 ? writer.lamport : Math.max(writer.lamport, ...all.map(({ lamport }) => lamport), 0);
      if (target && what === 3) {
        const targets = [target.id, all[flower % all.length]!.id];
        const retiming = { targets, by: flower * 60 - 100, days: flower - 2 };
        all.push(...writer.tap({ kind: 'times.corrected', body: retiming }));
      } else if (target && what === 0) all.push(...writer.tap(struck(target)));
      else if (target?.kind === 'pollinated' && what === 1) {
        const { body } = pollinated(`f${flower}`);
        all.push(...writer.tap({ kind: 'amended', body: { target: target.id, of: 'pollinated', body } }));
      } else if (target?.kind === 'covered' && what === 1) {
        const body = covered(`f${flower}`, `f${flower + 1}`).body;
        all.push(...writer.tap({ kind: 'amended', body: { target: target.id, of: 'covered', body } }));
      } else all.push(...writer.tap(covered(`f${flower}`), pollinated(`f${flower}`)));
    }
    return all;
  });

/** The state by the plainest way there is: each entry is corrected alone, then given to every subject it names. */
function plainFold(entries: readonly Entry[]): unknown {
  const sorted = [...entries].sort(compareEntries);
  const says = (entry: Entry): Entry | undefined => {
    const corrections = sorted.filter(
      (other) =>
        (other.kind === 'struck' || (other.kind === 'amended' && other.body.of === entry.kind)) &&
        other.body.target === entry.id &&
        compareEntries(entry, other) < 0,
    );
    const last = corrections.findLast((other) => says(other));
    if (!last) return entry;
    return last.kind === 'amended' ? ({ ...entry, body: last.body.body } as Entry) : undefined;
  };
  /** The clock put right: every day and time that is written in it moves. */
  const inTime = (entry: Entry, said: Entry): Entry => {
    const last = sorted.findLast(
      (other) =>
        other.kind === 'times.corrected' &&
        other.body.targets.includes(entry.id) &&
        compareEntries(entry, other) < 0 &&
        says(other),
    );
    if (last?.kind !== 'times.corrected') return said;
    const { by, days } = last.body;
    const moved = (ms: number, minutes: number): string => new Date(ms + minutes * 60_000).toISOString();
    const text = JSON.stringify({ at: said.at, recorded: said.recorded, body: said.body })
      .replaceAll(
        /"(\d{4}-\d\d-\d\d)"/g,
        (_, day: string) => `"${moved(Date.parse(day), days * 1440).slice(0, 10)}"`,
      )
      .replaceAll(/"(\d{4}-\d\d-\d\dT[^"]*Z)"/g, (_, at: string) => `"${moved(Date.parse(at), by)}"`);
    return { ...said, ...(JSON.parse(text) as object) } as Entry;
  };
  const subjects = new Map<string, Entry[]>();
  for (const entry of sorted) {
    if (isCorrection(entry)) continue;
    const said = says(entry);
    if (!said) continue;
    const now = inTime(entry, said);
    forEachSubject(now, (type, id) =>
      subjects.set(`${type}|${id}`, [...(subjects.get(`${type}|${id}`) ?? []), now]),
    );
  }
  return SUBJECT_TYPES.map((type) =>
    [...subjects]
      .filter(([key]) => key.startsWith(`${type}|`))
      .flatMap(([key, some]) => {
        const id = key.slice(type.length + 1);
        const state = foldSubject(type, id, some);
        return state
          ? [[id, 'done' in state ? { ...state, done: [...state.done].sort() } : state] as const]
          : [];
      })
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  );
}

test('after any corrections, and corrections of corrections, the state is that of a plain refold', () => {
  fc.assert(
    fc.property(
      messy.chain((entries) => fc.shuffledSubarray(entries, { minLength: entries.length })),
      fc.nat(25),
      (entries, cut) => {
        const journal = new Journal();
        journal.add(entries.slice(0, cut));
        // Read in between, so that what was folded before has to be folded again.
        stateOf(journal);
        journal.add(entries.slice(cut));
        expect(stateOf(journal)).toEqual(plainFold(entries));
      },
    ),
    { numRuns: 400 },
  );
});

test('whether there is any of a type is known without counting, also where all was taken back', () => {
  fc.assert(
    fc.property(messy, (entries) => {
      const [asked, counted] = [journalOf(entries), journalOf(entries)];
      const any = SUBJECT_TYPES.filter((type) => asked.hasAny(type));
      expect(any).toEqual(SUBJECT_TYPES.filter((type) => counted.all(type).size > 0));
    }),
    { numRuns: 100 },
  );
  const phone = new Writer('phone');
  const [counted] = phone.tap(scouted('p1', 1));
  expect(journalOf(phone.entries).hasAny('walk')).toBe(true);
  phone.tap(struck(counted!));
  expect(journalOf(phone.entries).hasAny('walk')).toBe(false);
});

test('a correction that is undone leaves nothing of what only it named', () => {
  const phone = new Writer('phone');
  const [first] = phone.tap(pollinated('f1'));
  const [amended] = phone.tap({
    kind: 'amended',
    body: { target: first!.id, of: 'pollinated', body: pollinated('f2').body },
  });
  expect([...journalOf(phone.entries).all('bloom').keys()]).toEqual(['f2']);
  phone.tap(struck(amended!));
  expect([...journalOf(phone.entries).all('bloom').keys()]).toEqual(['f1']);
});

test('any order of arrival gives the same state', () => {
  fc.assert(
    fc.property(
      messy.chain((entries) =>
        fc.tuple(fc.constant(entries), fc.shuffledSubarray(entries, { minLength: entries.length })),
      ),
      ([entries, shuffled]) => {
        expect(stateOf(journalOf(shuffled))).toEqual(stateOf(journalOf(entries)));
      },
    ),
    { numRuns: 300 },
  );
});

test('a whole season in any order, in portions and twice over gives the same state', () => {
  const whole = stateOf(journalOf(SEASON));
  fc.assert(
    fc.property(
      fc.shuffledSubarray(SEASON, { minLength: SEASON.length }),
      fc.nat(SEASON.length),
      (shuffled, cut) => {
        const journal = new Journal();
        journal.add(shuffled.slice(0, cut));
        // Reading in between must not freeze anything.
        journal.all('bloom');
        journal.add(shuffled.slice(Math.floor(cut / 2)));
        journal.add(shuffled);
        expect(stateOf(journal)).toEqual(whole);
      },
    ),
    { numRuns: 12 },
  );
});

test('merging is commutative, associative and idempotent', () => {
  const merge = (...parts: readonly (readonly Entry[])[]): unknown => stateOf(journalOf(parts.flat()));
  fc.assert(
    fc.property(messy, fc.nat(), fc.nat(), (entries, i, j) => {
      const [low, high] = [i % (entries.length + 1), j % (entries.length + 1)].sort((a, b) => a - b) as [
        number,
        number,
      ];
      const a = entries.slice(0, high);
      const b = entries.slice(low);
      const c = entries.filter((_, n) => n % 2 === 0);
      expect(merge(a, b)).toEqual(merge(b, a));
      expect(merge([...a, ...b], c)).toEqual(merge(a, [...b, ...c]));
      expect(merge(a, a)).toEqual(merge(a));
    }),
  );
});

test('an amendment replaces the whole body and can take flowers away and add others', () => {
  const phone = new Writer('phone');
  const [first] = phone.tap(covered('f1', 'f2'));
  phone.tap({ kind: 'amended', body: { target: first!.id, of: 'covered', body: covered('f2', 'f3').body } });
  const journal = journalOf(phone.entries);
  expect([...journal.all('bloom').keys()].sort()).toEqual(['f2', 'f3']);
  expect(
    journal
      .bloomsOf('2026-07-19')
      .map(({ bloom }) => bloom)
      .sort(),
  ).toEqual(['f2', 'f3']);
});

test('an amendment that arrives before its target waits for it', () => {
  const phone = new Writer('phone');
  const [first] = phone.tap(covered('f1'));
  const [amendment] = phone.tap({
    kind: 'amended',
    body: { target: first!.id, of: 'covered', body: covered('f9').body },
  });
  const journal = journalOf([amendment!]);
  expect(journal.all('bloom').size).toBe(0);
  journal.add([first!]);
  expect([...journal.all('bloom').keys()]).toEqual(['f9']);
});

test('an amendment of another kind changes nothing', () => {
  const phone = new Writer('phone');
  const [first] = phone.tap(scouted('p1', 2));
  phone.tap({ kind: 'amended', body: { target: first!.id, of: 'covered', body: covered('f1').body } });
  expect(journalOf(phone.entries).all('walk').get('p1|2026-07-19')!.eve.female).toBe(2);
});

test('strikes that strike each other in a ring settle by the order', () => {
  const phone = new Writer('phone');
  const [fact] = phone.tap(scouted('p1', 2));
  const [one] = phone.tap(struck(fact!));
  const [two] = phone.tap(struck(one!));
  const forged = { ...one!, id: 'id-forged', body: { target: two!.id } } as Entry;
  // The forged strike comes before its target, so it does not act on it.
  expect(journalOf([fact!, one!, two!, forged]).all('walk').size).toBe(1);
});

test('undo takes back the last tap whole, redo brings it again, and both survive a reload', () => {
  const phone = new Writer('phone');
  phone.tap(scouted('p1', 1), covered('f1'));
  phone.tap(pollinated('f1'));
  const undo = (): void => {
    const action = undoable(journalOf(phone.entries), phone.entries);
    if (action) phone.tap(...action.entries.map((entry) => struck(entry as Entry)));
  };
  const redo = (): void => {
    const action = redoable(journalOf(phone.entries), phone.entries);
    if (action) phone.tap(...action.entries.map((entry) => struck(entry as Entry)));
  };
  const look = (): [boolean, number] => {
    const flower = journalOf(phone.entries).all('bloom').get('f1');
    return [flower?.pollination !== undefined, journalOf(phone.entries).all('walk').size];
  };
  expect(look()).toEqual([true, 1]);
  undo();
  expect(look()).toEqual([false, 1]);
  undo();
  expect(look()).toEqual([false, 0]);
  redo();
  expect(look()).toEqual([false, 1]);
  redo();
  expect(look()).toEqual([true, 1]);
  redo();
  expect(look()).toEqual([true, 1]);
  undo();
  phone.tap(pollinated('f1'));
  // Something new was done: there is nothing to redo any more.
  expect(redoable(journalOf(phone.entries), phone.entries)).toBeUndefined();
});

test('undo never reaches for what another device did', () => {
  const mine = new Writer('phone-a');
  const theirs = new Writer('phone-b', 10);
  const [own] = mine.tap(scouted('p1', 1));
  theirs.tap(scouted('p2', 1));
  const journal = journalOf([...mine.entries, ...theirs.entries]);
  expect(undoable(journal, mine.entries)?.entries).toEqual([own]);
});

test('two devices that pollinate one flower: the earlier gives the hour, both stay, the clash is shown', () => {
  const a = new Writer('phone-a');
  const b = new Writer('phone-b');
  a.tap(covered('f1'));
  b.lamport = 1;
  const [first] = a.tap(pollinated('f1'));
  const [second] = b.tap(pollinated('f1'));
  const flower = journalOf([...b.entries, ...a.entries])
    .all('bloom')
    .get('f1')!;
  expect(flower.pollination!.entry).toBe(first!.id);
  expect(flower.conflicts).toEqual([{ believed: first!.id, other: second!.id }]);
});

test('pollen that was put on stays on, though another device called the flower missing', () => {
  const a = new Writer('phone-a');
  const b = new Writer('phone-b', 1);
  a.tap(covered('f1'));
  const [first] = a.tap(pollinated('f1'));
  const [miss] = b.tap({
    kind: 'missed',
    body: { bloom: 'f1', plant: 'p1', round: 'r', stop: 'dab-f1', why: 'notFound' },
  });
  const flower = journalOf([...a.entries, ...b.entries])
    .all('bloom')
    .get('f1')!;
  expect(flower.missed).toBeUndefined();
  expect(flower.conflicts).toEqual([{ believed: first!.id, other: miss!.id }]);
});

test('kinds, versions and fields of a later program stay as they came', () => {
  const known = { ...SEASON[0]!, mood: 'fine' };
  const later = { ...SEASON[1]!, id: 'later', kind: 'danced', body: { steps: 3 } };
  const newer = { ...SEASON[2]!, id: 'newer', v: 99 };
  const journal = journalOf([known, later, newer]);
  expect([...journal.entries()]).toEqual([known, later, newer]);
  expect(journal.all('garden').size).toBe(1);
});

test('two contents under one id give the same state whichever comes first', () => {
  const phone = new Writer('phone');
  const [one] = phone.tap(scouted('p1', 1));
  const other = { ...one!, body: { ...one!.body, eve: { female: 5, male: 0 } } } as Entry;
  expect(stateOf(journalOf([one!, other]))).toEqual(stateOf(journalOf([other, one!])));
});

const bedOfVersion1 = (name: string): object => ({
  bed: 'b',
  name,
  x: 1,
  y: 1,
  length: 6,
  width: 1.2,
  rows: 1,
});

test('beds and varieties of older versions are upcasted, amended ones too, in any order', () => {
  const phone = new Writer('phone');
  const [laid] = phone.tap({ kind: 'bed.laid', body: bedOfVersion1('A') } as Fact);
  const variety = { variety: 'v', name: 'Pale Heron', crop: 'moschata', purpose: 'eat' };
  const rest = { seedSource: 'unknown', ownPollen: 'allowed' };
  phone.tap({ kind: 'variety.described', body: { ...variety, ...rest } } as Fact);
  phone.tap({ kind: 'amended', body: { target: laid!.id, of: 'bed.laid', body: bedOfVersion1('B') } });
  const written = phone.entries.map((entry) => ({ ...entry, v: 1 }));
  for (const entries of [written, [...written].reverse()]) {
    const journal = journalOf(entries);
    expect(journal.all('bed').get('b')).toEqual({ ...bedOfVersion1('B'), turn: 0 });
    expect(journal.all('variety').get('v')).toMatchObject({ crop: 'moschata', traits: {} });
    expect([...journal.entries()].find(({ id }) => id === laid!.id)!.body).toEqual(bedOfVersion1('A'));
  }
});

test('what was removed from the plan is gone; undo or a later entry brings it back', () => {
  const phone = new Writer('phone');
  const laid = phone.tap({ kind: 'bed.laid', body: { ...bedOfVersion1('A'), turn: 0 } } as Fact);
  const [gone] = phone.tap({ kind: 'plan.removed', body: { what: 'bed', id: 'b' } });
  expect(journalOf(phone.entries).all('bed').size).toBe(0);
  const undone = phone.tap(struck(gone!));
  expect(journalOf(phone.entries).all('bed').size).toBe(1);
  phone.entries.splice(phone.entries.indexOf(undone[0]!), 1);
  phone.tap({ kind: 'bed.laid', body: laid[0]!.body as never });
  expect(journalOf(phone.entries).all('bed').size).toBe(1);
});

test('a variety knows the days on which its first flower was noted, whatever year, each once', () => {
  const phone = new Writer('phone');
  const seen = (day: string): Fact => ({ kind: 'flowering.seen', body: { variety: 'v', day } });
  phone.tap(
    {
      kind: 'variety.described',
      body: {
        variety: 'v',
        name: 'Mill Sparrow',
        crop: 'corn',
        purpose: 'eat',
        seedSource: 'unknown',
        ownPollen: 'allowed',
        traits: {},
      },
    },
    seen('2026-07-22'),
    seen('2025-07-20'),
    seen('2025-07-20'),
  );
  expect(journalOf(phone.entries).all('variety').get('v')!.flowered).toEqual(['2025-07-20', '2026-07-22']);
});

const COHORT = cohortId({ plant: 'p1', day: '2026-07-19', part: 'flower', sex: 'female' });
const counted = (count: number, ...after: Entry[]): Fact => ({
  kind: 'pollinated',
  body: {
    bloom: COHORT,
    plant: 'p1',
    count,
    after: after.map(({ id }) => id),
    donors: [{ plant: 'p2', bloom: '' }],
    found: 'open',
    method: 'maleFlower',
    shutAgain: false,
    tagged: false,
  },
});
const cohortIn = (...entries: readonly Entry[]) => journalOf(entries).all('bloom').get(COHORT)!;

test('flowers nobody tells apart are one subject on two phones, counted once', () => {
  const [a, b] = [new Writer('phone-a'), new Writer('phone-b')];
  const [two] = a.tap(counted(2));
  expect(cohortIn(two!)).toMatchObject({ plant: 'p1', day: '2026-07-19', sex: 'female', count: 2 });
  const [three] = b.tap(counted(3));
  expect(cohortIn(two!, three!)).toMatchObject({ count: 3, countClash: true });
  const [more] = a.tap(counted(1, two!, three!));
  expect(cohortIn(more!, three!, two!)).toMatchObject({ count: 4, conflicts: [] });
  expect(cohortIn(more!, three!, two!).countClash).toBeUndefined();
});

test('a count that is put right below what has tags drops none of them, and says so; undone it holds again', () => {
  const phone = new Writer('phone');
  const [three] = phone.tap(counted(3));
  const tag = (bloom: string, code: string): Fact => ({
    kind: 'tagged',
    body: { bloom, of: COHORT, plant: 'p1', code },
  });
  phone.tap(tag('b1', 'K001'));
  phone.tap(tag('b2', 'K011'));
  const [amended] = phone.tap({
    kind: 'amended',
    body: { target: three!.id, of: 'pollinated', body: { ...counted(1).body } },
  });
  expect(cohortIn(...phone.entries)).toMatchObject({ count: 2, members: ['b1', 'b2'], countClash: true });
  expect(journalOf(phone.entries).all('bloom').get('b1')).toMatchObject({
    of: COHORT,
    code: 'K001',
    sex: 'female',
    day: '2026-07-19',
  });
  phone.tap(struck(amended!));
  expect(cohortIn(...phone.entries)).toMatchObject({ count: 3 });
  expect(cohortIn(...phone.entries).countClash).toBeUndefined();
});
