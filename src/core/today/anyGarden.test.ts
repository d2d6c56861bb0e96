import { ROW_METHODS } from '../crops/crop';
import fc from 'fast-check';
import { CROP_IDS, cropOf, keepsToItself, protocolFor, receptiveDays } from '../crops/catalogue';
import { OUTINGS, outingOf } from '../crops/outing';
import { OWN_POLLEN_RULES, PURPOSES } from '../crops/variety';
import { cohortId } from '../journal/cohort';
import { isCorrection } from '../journal/corrections';
import type { Entry, Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { BLOSSOM_USES } from '../journal/kinds/blossom';
import { PLANT_HEALTHS, SELECTIONS, TRUENESSES } from '../journal/kinds/plan';
import { FINDINGS, MISSED_REASONS, TOOL_STATES } from '../journal/kinds/roundBodies';
import { COVER_METHODS } from '../journal/kinds/walk';
import { meantFor } from '../journal/matingOf';
import { pollinationsOf } from '../journal/pollinations';
import { entryOf } from '@testing/entries';
import { addDays, daysBetween } from '../time/calendar';
import { flowersDue } from '../due/flowersDue';
import { TIE_COLOURS } from '../journal/kinds/tie';
import { READING_SOURCES, SEEN_HOURS } from '../journal/kinds/weather';
import { RAIN_AMOUNTS } from '../weather/dayWeather';
import { planOuting } from '../round/planOuting';
import { outingRequest } from '../round/outingRequest';
import { stopsOf } from '../round/stops';
import { viewsOf } from '@testing/views';
import { begin, statesOf, YARD } from '@testing/yard';

/** Gardens of any crops, with any entries of two phones in any order of writing. */

const DAYS = ['2026-07-18', '2026-07-19', '2026-07-20', '2026-07-21'] as const;
const VARIETIES = ['v', 'w'] as const;
const PLANTS = ['v1', 'v2', 'v3', 'w1', 'w2'] as const;
const BLOOMS = ['b0', 'b1', 'b2', 'b3', 'b4', 'b5', 'b6', 'b7'] as const;

const plant = fc.constantFrom(...PLANTS);
const day = fc.constantFrom(...DAYS);
const sex = fc.constantFrom('female', 'male', 'perfect' as const);
const cohort = fc
  .record({ plant, day, sex: fc.constantFrom('female', 'perfect' as const) })
  .map((each) => cohortId({ ...each, part: 'flower' }));
const bloom = fc.oneof(
  { weight: 6, arbitrary: fc.constantFrom(...BLOOMS) },
  { weight: 1, arbitrary: cohort },
);
const buds = fc.record({ female: fc.nat(2), male: fc.nat(2) });
const maybe = <T>(name: string, value: fc.Arbitrary<T>) =>
  fc.option(value, { nil: undefined }).map((each) => (each === undefined ? {} : { [name]: each }));

const named = fc
  .tuple(fc.constantFrom(...BLOOMS), sex, maybe('part', fc.constantFrom('ear', 'tassel')))
  .map(([id, of, part]) => ({ bloom: id, sex: of, code: id, ...part }));
const fact = fc.oneof(
  fc
    .tuple(
      fc.record({
        plant,
        day,
        method: fc.constantFrom(...COVER_METHODS),
        blooms: fc.array(named, { maxLength: 2 }),
      }),
      maybe('stage', fc.constantFrom('green')),
    )
    .map(([body, stage]) => ({ kind: 'covered', body: { ...body, ...stage } })),
  fc.record({ plant, day, eve: buds, green: buds }).map((body) => ({ kind: 'scouted', body })),
  fc.record({ plant, day, open: buds }).map((body) => ({ kind: 'counted', body })),
  fc.record({ day, plants: fc.array(plant, { maxLength: 3 }) }).map((body) => ({ kind: 'swept', body })),
  fc
    .record({ plant, day, blooms: fc.array(bloom, { maxLength: 2 }) })
    .map((body) => ({ kind: 'receptive', body })),
  fc
    .tuple(
      fc.record({
        bloom,
        plant,
        donors: fc.array(fc.record({ plant, bloom: fc.constantFrom('', ...BLOOMS, 'mix') }), {
          maxLength: 2,
        }),
        found: fc.constantFrom(...FINDINGS),
        method: fc.constantFrom('maleFlower', 'brush' as const),
        shutAgain: fc.boolean(),
        tagged: fc.boolean(),
      }),
      maybe('application', fc.constantFrom(2, 3)),
      maybe('day', day),
      maybe('tool', fc.constantFrom(...TOOL_STATES)),
      maybe('openMinutes', fc.integer({ min: 1, max: 60 })),
      maybe('count', fc.integer({ min: 1, max: 4 })),
    )
    .map(([body, ...more]) => ({ kind: 'pollinated', body: Object.assign({}, body, ...more) as object })),
  fc
    .tuple(fc.record({ bloom, plant, why: fc.constantFrom(...MISSED_REASONS) }), maybe('day', day))
    .map(([body, on]) => ({ kind: 'missed', body: { ...body, ...on } })),
  fc
    .record({ plant, blooms: fc.array(bloom, { maxLength: 2 }) })
    .map((body) => ({ kind: 'picked', body: { ...body, round: 'r', stop: `s${body.plant}`, spoiled: [] } })),
  fc.record({ bloom, seen: fc.constantFrom('growing', 'gone') }).map((body) => ({ kind: 'looked', body })),
  fc
    .record({ bloom: fc.constantFrom(...BLOOMS), of: cohort, plant })
    .map((body) => ({ kind: 'tagged', body: { ...body, code: 'K1' } })),
  fc.record({ plant, day, bloom: fc.constantFrom(...BLOOMS) }).map((body) => ({
    kind: 'emasculated',
    body: { plant: body.plant, day: body.day, blooms: [{ bloom: body.bloom, code: '', role: 'control' }] },
  })),
  fc
    .tuple(
      fc.record({ mother: fc.constantFrom(...VARIETIES), father: fc.constantFrom(...VARIETIES), from: day }),
      maybe('fathers', fc.constantFrom(['v1'], ['w1', 'w2'], ['v1', 'w2'])),
    )
    .map(([body, fathers]) => ({
      kind: 'mating.set',
      body: {
        ...body,
        ...fathers,
        mating: `${body.mother}${body.father}`,
        purpose: 'seedToKeep',
        ownPollen: 'never',
      },
    })),
  fc
    .record({ day, dawnC: fc.integer({ min: -5, max: 25 }), rain: fc.constantFrom(...RAIN_AMOUNTS) })
    .map((body) => ({ kind: 'weather.noted', body: { ...body, maxC: body.dawnC + 12 } })),
  fc
    .record({
      day,
      crop: fc.constantFrom('pepo', 'melon', 'bottleGourd'),
      seen: fc.constantFrom(...SEEN_HOURS),
    })
    .map((body) => ({ kind: 'hours.seen', body })),
  fc
    .record({
      plant,
      health: fc.constantFrom(...PLANT_HEALTHS),
      trueness: fc.constantFrom(...TRUENESSES),
    })
    .map((body) => ({ kind: 'plant.noted', body })),
  fc
    .record({ plant, choice: fc.constantFrom(...SELECTIONS) })
    .map((body) => ({ kind: 'plant.selected', body })),
  fc
    .record({
      pick: fc.constantFrom('one', 'two'),
      day,
      use: fc.constantFrom(...BLOSSOM_USES),
      of: fc.uniqueArray(fc.record({ plant, count: fc.integer({ min: 1, max: 9 }) }), {
        minLength: 1,
        maxLength: 3,
        selector: (each) => each.plant,
      }),
    })
    .map((body) => ({ kind: 'blossoms.picked', body: { ...body, unsprayed: true } })),
  fc
    .record({
      colour: fc.constantFrom(...TIE_COLOURS),
      means: fc.constantFrom({ of: 'words', text: 'look' } as const, { of: 'variety', id: 'v' } as const),
    })
    .map((body) => ({ kind: 'tie.set', body })),
  fc
    .tuple(
      fc.record({
        of: fc.constantFrom(...VARIETIES),
        males: fc.integer({ min: 1, max: 4 }),
        times: fc.integer({ min: 1, max: 4 }),
      }),
      maybe('sameDay', fc.constant(true)),
    )
    .map(([body, sameDay]) => ({ kind: 'ways.set', body: { ...body, ...sameDay } })),
  fc
    .record({
      day,
      plants: fc.uniqueArray(plant, { minLength: 1, maxLength: 3 }),
      method: fc.constantFrom(...ROW_METHODS),
    })
    .map((body) => ({ kind: 'rowPollinated', body })),
  fc
    .record({ day, source: fc.constantFrom(...READING_SOURCES), from: fc.integer({ min: -3, max: 20 }) })
    .map(({ day: on, source, from }) => ({
      kind: 'weather.read',
      body: {
        day: on,
        source,
        readings: Array.from({ length: 12 }, (_, i) => [
          Date.parse(`${on}T00:00:00Z`) + i * 3_600_000,
          from + i,
          i % 3 === 0 ? null : 90 - i,
          i % 4 === 0 ? 1 : null,
          null,
          null,
        ]),
      },
    })),
  fc
    .record({ day, of: fc.array(fc.constantFrom(...BLOOMS), { minLength: 1, maxLength: 2 }) })
    .map((body) => ({ kind: 'pollen.mixed', body: { ...body, pollen: 'mix' } })),
  fc
    .array(plant, { maxLength: 3 })
    .map((plants) => ({ kind: 'cage.set', body: { cage: 'c', name: 'C', plants } })),
  day.map((on) => ({ kind: 'cage.opened', body: { cage: 'c', day: on } })),
  fc
    .record({ plant, why: fc.constantFrom('offType', 'died') })
    .map((body) => ({ kind: 'plant.removed', body })),
);

/** A fact, or one that puts an earlier one right or takes it back. */
const said = fc.record({
  fact,
  corrects: fc.option(
    fc.record({ back: fc.nat(12), how: fc.constantFrom('strike', 'amend', 'amend', 'retime') }),
    { freq: 5 },
  ),
  device: fc.constantFrom('a', 'b'),
  ahead: fc.nat(2),
  hour: fc.nat(90),
});

const variety = fc.record({
  crop: fc.constantFrom(...CROP_IDS),
  purpose: fc.constantFrom(...PURPOSES),
  ownPollen: fc.constantFrom(...OWN_POLLEN_RULES),
  traits: maybe('flowers', fc.constant('perfect')),
});

const garden = fc
  .record({ v: variety, w: variety, same: fc.boolean(), saids: fc.array(said, { maxLength: 40 }) })
  .map(({ v, w, same, saids }): Entry[] => {
    const phone = begin([
      { variety: 'v', ...v, plants: ['v1', 'v2', 'v3'] },
      { variety: 'w', ...w, ...(same && { crop: v.crop }), plants: ['w1', 'w2'] },
    ]);
    const entries: Entry[] = [];
    saids.forEach(({ fact: plain, corrects, device, ahead, hour }, i) => {
      const target = corrects && entries[entries.length - 1 - corrects.back];
      const now = (
        !target
          ? plain
          : corrects.how === 'retime'
            ? retiming(entries, target, hour)
            : corrects.how === 'strike' || isCorrection(target)
              ? { kind: 'struck', body: { target: target.id } }
              : {
                  kind: 'amended',
                  body: { target: target.id, of: target.kind, body: sameKind(target, plain) },
                }
      ) as Fact;
      const at = new Date(Date.parse('2026-07-17T10:00:00Z') + hour * 3_600_000).toISOString();
      const told = { id: `e${String(i).padStart(3, '0')}`, lamport: 100 + i + ahead, at, device };
      entries.push(entryOf(now, { ...told, action: told.id }));
    });
    return [...phone.own, ...entries];
  });

/** Puts the times of an entry right, and perhaps of the first of all, by some hours or a day. */
function retiming(entries: readonly Entry[], target: Entry, hour: number): object {
  const targets = hour % 2 === 0 ? [target.id] : [target.id, entries[0]!.id];
  const cohorts =
    hour % 3 === 0
      ? [...BLOOMS, cohortId({ plant: 'v1', day: DAYS[1], part: 'flower', sex: 'female' })]
      : undefined;
  return {
    kind: 'times.corrected',
    body: { targets, by: (hour - 45) * 60, days: (hour % 5) - 2, ...(cohorts && { cohorts }) },
  };
}

const sameKind = (target: Entry, plain: { readonly kind: string; readonly body: object }): object =>
  plain.kind === target.kind ? plain.body : target.body;

const journalOf = (entries: readonly Entry[]): Journal => {
  const journal = new Journal();
  journal.add(entries);
  return journal;
};

const NOW = Date.parse('2026-07-20T05:00:00Z');

test('the state and every view of any garden are the same in whatever order and portions its entries came', () => {
  fc.assert(
    fc.property(garden, fc.integer({ min: 1, max: 1_000_000 }), (entries, seed) => {
      const wanted = journalOf(entries);
      const [states, views] = [statesOf(wanted), viewsOf(wanted, YARD, NOW, DAYS)];
      const shuffled = [...entries].sort((a, b) => hash(a.id, seed) - hash(b.id, seed));
      const other = new Journal();
      for (let i = 0; i < shuffled.length; i += 7) {
        other.add(shuffled.slice(i, i + 7));
        // What was read in between must not stay.
        other.bloomsOf(DAYS[1]);
        other.all('walk').get(`v1|${DAYS[1]}`);
      }
      other.add(entries.slice(0, 5));
      expect(statesOf(other)).toEqual(states);
      expect(viewsOf(other, YARD, NOW, DAYS)).toEqual(views);
    }),
    { numRuns: 60 },
  );
});

/** Any order, the same for the same seed [Fowler, Noll, Vo]. */
const hash = (text: string, seed: number): number =>
  [...text].reduce((sum, letter) => Math.imul(sum ^ letter.charCodeAt(0), 0x01000193), seed) >>> 0;

test('the blooms and rounds of a day, folded alone, are those of all that are of it, after any corrections', () => {
  fc.assert(
    fc.property(garden, fc.nat(40), (entries, part) => {
      const all = [...journalOf(entries).all('bloom').values()];
      const rounds = [...journalOf(entries).all('round').values()];
      const asked = new Journal();
      asked.add(entries.slice(part));
      for (const each of DAYS) {
        asked.bloomsOf(each);
        asked.roundsOf(each);
      }
      asked.add(entries);
      for (const each of DAYS) {
        expect(asked.roundsOf(each)).toEqual(rounds.filter((round) => round.day === each));
        expect(asked.bloomsOf(each)).toEqual(all.filter((bloom) => bloom.day === each));
        expect(journalOf(entries).bloomsOf(each)).toEqual(all.filter((bloom) => bloom.day === each));
      }
      const known = all.filter((bloom) => bloom.day !== undefined);
      expect(asked.bloomsBetween('2026-01-01')).toHaveLength(known.length);
      expect(asked.bloomsBetween('2026-01-01')).toEqual(expect.arrayContaining(known));
      expect(asked.bloomsBetween(DAYS[1], DAYS[2])).toHaveLength(
        known.filter((bloom) => bloom.day === DAYS[1] || bloom.day === DAYS[2]).length,
      );
      expect(asked.bloomsWaiting()).toEqual(all.filter((bloom) => bloom.day === undefined));
    }),
  );
});

test('what is due follows from each bloom alone, as a plain second implementation finds it', () => {
  fc.assert(
    fc.property(garden, (entries) => {
      const journal = journalOf(entries);
      for (const on of DAYS) {
        for (const outing of OUTINGS) {
          const due = flowersDue(journal, { day: on, outing });
          const plain = [...journal.all('bloom').values()].filter((each) => {
            const stands = journal.all('plant').get(each.plant);
            const grown = stands && journal.all('variety').get(stands.variety);
            const crop = grown && cropOf(grown.crop);
            const itsOuting = crop?.hours ? outingOf({ hours: crop.hours }) : 'morning';
            if (itsOuting !== outing || each.day === undefined) return false;
            if (each.sex === 'male' || each.sex === undefined || each.role !== 'hand') return false;
            const meant = meantFor(journal, each.plant, each.day);
            const protocol = crop && meant && protocolFor(crop, meant);
            if (crop && !protocol) return false;
            // What is bagged on its own pollen can be shaken as long as the bag is on.
            const bagged = protocol && keepsToItself(protocol) ? (protocol.uncover?.after.value ?? 0) : 0;
            const age = daysBetween(each.day, on);
            const isWorked = age < Math.max(crop ? receptiveDays(crop) : 1, bagged);
            const given = pollinationsOf(each);
            if (given.length > 0) {
              // As often as is chosen, else as is usual: days apart, or once more on one day, unless it was closing.
              const last = Math.max(...given.map(({ application }) => application));
              const chosen = journal.all('ways').get(meant?.mother ?? '');
              const within = chosen?.sameDay ? protocol?.pollinate.sameDay : undefined;
              const apart = within?.apart ?? protocol?.pollinate.apart;
              if (!protocol || !apart || apart.value === 0) return false;
              const times = chosen?.times ?? protocol.pollinate.times.value;
              const latest = given.findLast(({ application }) => application === last)?.day ?? each.day;
              const isOn =
                apart.unit === 'h'
                  ? last < (within?.times.value ?? 2) &&
                    (given.at(-1)!.day ?? each.day) === on &&
                    !given.some(({ found }) => found === 'wilted')
                  : addDays(latest, apart.value) === on || (addDays(latest, apart.value) < on && isWorked);
              if (last >= times || !isOn) return false;
              if (each.bloom.includes('|') || each.of !== undefined) return false;
              return !each.reports.some(({ day }) => (day ?? each.day) === on);
            }
            if (each.bloom.includes('|') || each.of !== undefined) return false;
            const lasting = each.reports.every(({ why }) =>
              ['notFound', 'noPollen', 'skipped', 'notYet'].includes(why),
            );
            const today = each.reports.some((report) => (report.day ?? each.day) === on);
            return age >= 0 && isWorked && lasting && !today;
          });
          expect(due.females.map((each) => each.bloom).sort()).toEqual(
            plain.map((each) => each.bloom).sort(),
          );
        }
      }
    }),
    { numRuns: 300 },
  );
});

test('the pairing of any garden keeps its laws, and the route picks before it brushes', () => {
  fc.assert(
    fc.property(garden, (entries) => {
      const journal = journalOf(entries);
      for (const on of DAYS) {
        for (const outing of OUTINGS) {
          const service = { day: on, outing };
          const { females, males } = flowersDue(journal, service).buds;
          const people = 1 + (entries.length % 3);
          const request = outingRequest(journal, YARD, service, NOW, { people, beside: [] });
          const { pairs, rounds } = planOuting(request);
          expect(pairs.map((pair) => pair.bloom).sort()).toEqual(females.map((each) => each.bloom).sort());
          const uses = new Map(males.map((each) => [each.bloom, each.used]));
          for (const pair of pairs) {
            const female = females.find((each) => each.bloom === pair.bloom)!;
            if (female.selfed) {
              expect(pair.donors.map(({ bloom }) => bloom)).toEqual([female.bloom]);
              continue;
            }
            expect(pair.donors.length).toBeLessThanOrEqual(female.malesWanted);
            for (const donor of pair.donors) {
              const male = males.find((each) => each.bloom === donor.bloom)!;
              expect(male.variety).toBe(female.father);
              if (female.ownPollen === 'never') expect(male.plant).not.toBe(female.plant);
              uses.set(male.bloom, uses.get(male.bloom)! + 1);
              expect(uses.get(male.bloom)).toBeLessThanOrEqual(male.serves);
            }
          }
          const ids = rounds.flatMap((round) => stopsOf(round).map(({ stop }) => stop));
          expect(new Set(ids).size).toBe(ids.length);
          // What one carries nobody else is to use.
          const carriers = new Map<string, number>();
          rounds.forEach(({ stops }, person) => {
            const picked = new Set<string>();
            for (const stop of stops) {
              const blooms =
                stop.kind === 'pick'
                  ? stop.blooms
                  : stop.kind === 'pollinate'
                    ? // Its own pollen is in it already.
                      stop.donors.map(({ bloom }) => bloom).filter((bloom) => bloom !== stop.bloom)
                    : [];
              for (const bloom of blooms) {
                expect(carriers.get(bloom) ?? person).toBe(person);
                carriers.set(bloom, person);
                if (stop.kind === 'pick') picked.add(bloom);
                else expect(picked.has(bloom) || request.inHand.has(bloom)).toBe(true);
              }
            }
          });
        }
      }
    }),
    { numRuns: 80 },
  );
});

test('a bloom counts on the days on which it can be pollinated, and on no other', () => {
  // Corn, by its facts: silk that shows on one day can be pollinated for five.
  const phone = begin([{ variety: 'v', crop: 'corn', ownPollen: 'never', plants: ['v1', 'v2'] }]);
  phone.say('2026-07-17T15:00:00Z', {
    kind: 'covered',
    body: {
      plant: 'v1',
      day: '2026-07-18',
      method: 'shootBag',
      stage: 'green',
      blooms: [{ bloom: 'e', sex: 'female', code: 'K1', part: 'ear' }],
    },
  });
  phone.say('2026-07-18T15:00:00Z', {
    kind: 'receptive',
    body: { plant: 'v1', day: '2026-07-19', blooms: ['e'] },
  });
  const on = Array.from({ length: 10 }, (_, i) => addDays('2026-07-16', i));
  const due = on.filter(
    (each) => flowersDue(phone.journal, { day: each, outing: 'morning' }).females.length > 0,
  );
  expect(due).toEqual(['2026-07-19', '2026-07-20', '2026-07-21', '2026-07-22', '2026-07-23']);
});
