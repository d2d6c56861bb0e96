import fc from 'fast-check';
import { begin, Phone, statesOf, YARD } from '@testing/yard';
import { fruitOf } from '../../fruit/fruits';
import { stripped } from '../../fruit/takenOff';
import { cohortId } from '../../journal/cohort';
import type { Entry, Fact } from '../../journal/entry';
import { Journal } from '../../journal/journal';
import type { Chore, Stop } from '../../journal/kinds/stops';
import type { CoverFinding } from '../../journal/kinds/roundBodies';
import { roundsOf } from '../../outing/outingDay';
import { purityOf } from '../../purity/purityOf';
import { addDays } from '../../time/calendar';
import type { Day } from '../../time/types';
import { asPlanned, leftAt } from '../asPlanned';
import { choresOf } from '../chores';
import { progressOf } from '../progress';
import { outingRequest } from '../outingRequest';
import { planOuting } from '../planOuting';
import { cleanBefore, stopsOf } from '../stops';

// Fruit that set in the open is stripped before seed work; a cover comes off once fruit has formed; a plant ripens one to
// three squash for seed (common practice, no source).

const D: Day = '2026-07-19';
const on = (after: number): Day => addDays(D, after);
const at = (day: Day, clock = '05:00'): string => `${day}T${clock}:00Z`;

const covered = (plant: string, bloom: string, day: Day, method: 'bag' | 'tape' = 'bag'): Fact => ({
  kind: 'covered',
  body: { plant, day, method, blooms: [{ bloom, sex: 'female', code: `K${bloom}` }] },
});
const pollinated = (plant: string, bloom: string): Fact => ({
  kind: 'pollinated',
  body: {
    ...{ bloom, plant, donors: [{ plant: 'p9', bloom: 'm' }] },
    ...{ found: 'shut', method: 'maleFlower', shutAgain: true, tagged: true },
  },
});
const male: Fact = {
  kind: 'covered',
  body: { plant: 'p9', day: D, method: 'tape', blooms: [{ bloom: 'm', sex: 'male', code: '' }] },
};
const looked = (bloom: string, seen: 'growing' | 'gone'): Fact => ({ kind: 'looked', body: { bloom, seen } });
const chores = ({ journal }: Phone, day: Day, mothers: readonly string[] = []): Chore[] =>
  choresOf(
    journal,
    YARD,
    {
      ...{ day, outing: 'morning' },
      females: mothers.map((plant) => ({ plant, forSeed: true }) as never),
    },
    (bloom) => purityOf(journal, YARD, bloom)?.grade,
  );

/** Maxima squash; one flower of p1 that was bagged and pollinated on D. */
function pollinatedOnce(method: 'bag' | 'tape' = 'bag'): Phone {
  const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2', 'p9'] }]);
  phone.say(at(on(-1), '18:00'), covered('p1', 'f', D, method), male);
  phone.say(at(D), pollinated('p1', 'f'));
  return phone;
}

const closed = ({ journal }: Phone) => {
  const { chain } = purityOf(journal, YARD, journal.all('bloom').get('f')!)!;
  const { state, reasons } = chain.find(({ link }) => link === 'closedAgain')!;
  return `${state}: ${reasons[0]!.code}`;
};
const off = (found: CoverFinding, day?: Day): Fact => ({
  kind: 'uncovered',
  body: { bloom: 'f', plant: 'p1', found, ...(day && { day }) },
});

describe('uncover', () => {
  test('a bag is due to come off five days after, not sooner, and not once it is off, lost or harvested', () => {
    const phone = pollinatedOnce();
    expect(chores(phone, on(4))).toEqual([]);
    expect(chores(phone, on(5))).toEqual([{ kind: 'uncover', plant: 'p1', variety: 'v', blooms: ['f'] }]);
    const ends: readonly Fact[] = [
      off('whole', on(5)),
      looked('f', 'gone'),
      { kind: 'removed', body: { bloom: 'f', how: 'lost' } },
      { kind: 'harvested', body: { bloom: 'f', use: 'eat', tagThere: true, typical: true } },
      { kind: 'plant.removed', body: { plant: 'p1', why: 'died' } },
    ];
    for (const end of ends) {
      const other = pollinatedOnce();
      other.say(at(on(5)), end);
      expect(chores(other, on(6))).toEqual([]);
    }
  });

  test('tape goes with the petals: nobody is asked', () => {
    expect(chores(pollinatedOnce('tape'), on(9))).toEqual([]);
  });

  test.each([
    // On the day on which it took pollen insects came first where it was off, perhaps where it was torn or loose.
    ['off', D, 'broken: closed.offTooEarly'],
    ['torn', D, 'doubtful: closed.offTooEarly'],
    ['loose', D, 'doubtful: closed.offTooEarly'],
    ['whole', D, 'broken: closed.offTooEarly'],
    ['off', on(3), 'holds: closed.offLater'],
    ['whole', on(5), 'holds: closed.offLater'],
    // Found off, and nobody knows since when.
    ['off', undefined, 'unknown: closed.offUnknown'],
  ] as const)('found %s on %s: %s', (found, day, expected) => {
    const phone = pollinatedOnce();
    phone.say(at(on(5)), off(found, day));
    expect(closed(phone)).toBe(expected);
  });

  test('off before any pollen came, the cover kept nothing out', () => {
    const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2', 'p9'] }]);
    phone.say(at(on(-1), '18:00'), covered('p1', 'f', D), male);
    phone.say(at(D, '04:30'), off('off'));
    phone.say(at(D), pollinated('p1', 'f'));
    const { chain, grade } = purityOf(phone.journal, YARD, phone.journal.all('bloom').get('f')!)!;
    expect(chain.find(({ link }) => link === 'cover')).toMatchObject({
      state: 'broken',
      reasons: [{ code: 'cover.offBefore' }],
    });
    expect(grade).toBe('notForSeed');
  });
});

test('pollen of a male whose cover was off before it was used is not clean', () => {
  const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p9'] }]);
  phone.say(at(on(-1), '18:00'), covered('p1', 'f', D), male);
  phone.say(at(D, '04:30'), { kind: 'uncovered', body: { bloom: 'm', plant: 'p9', found: 'off' } });
  phone.say(at(D), pollinated('p1', 'f'));
  const { chain } = purityOf(phone.journal, YARD, phone.journal.all('bloom').get('f')!)!;
  expect(chain.find(({ link }) => link === 'cleanPollen')).toMatchObject({
    state: 'broken',
    reasons: [{ code: 'pollen.uncovered' }],
  });
});

describe('thin', () => {
  function loaded(growing: number): Phone {
    const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p9'] }]);
    phone.say(at(on(-1), '18:00'), male);
    for (let i = 0; i < growing; i += 1) {
      phone.say(at(on(i - 1), '18:00'), covered('p1', `f${i}`, on(i), 'tape'));
      phone.say(at(on(i)), pollinated('p1', `f${i}`));
    }
    for (let i = 0; i < growing; i += 1) phone.say(at(on(8), '18:00'), looked(`f${i}`, 'growing'));
    return phone;
  }

  test('as many as are more than three, the youngest first; up to three none', () => {
    expect(chores(loaded(3), on(9))).toEqual([]);
    expect(chores(loaded(5), on(9))).toEqual([
      { kind: 'thin', plant: 'p1', variety: 'v', blooms: ['f4', 'f3'] },
    ]);
  });

  test('one whose seed is not to be kept goes before a younger one', () => {
    const phone = loaded(4);
    phone.say(at(on(1), '05:30'), {
      kind: 'pollinated',
      body: {
        ...{ bloom: 'f1', plant: 'p1', application: 2, donors: [{ plant: 'p9', bloom: 'm' }] },
        ...{ found: 'insect', method: 'maleFlower', shutAgain: true, tagged: true },
      },
    });
    expect(chores(phone, on(9))).toMatchObject([{ kind: 'thin', blooms: ['f1'] }]);
  });

  test('what nobody has looked at yet may still fall: it is left', () => {
    const phone = loaded(3);
    phone.say(at(on(7), '18:00'), covered('p1', 'young', on(8), 'tape'));
    phone.say(at(on(8)), pollinated('p1', 'young'));
    expect(chores(phone, on(9))).toEqual([]);
  });

  test('taken off they are no failure, and nothing more is due', () => {
    const phone = loaded(5);
    for (const bloom of ['f4', 'f3'])
      phone.say(at(on(9)), { kind: 'removed', body: { bloom, how: 'thinned' } });
    expect(chores(phone, on(9))).toEqual([]);
    const { history } = fruitOf(phone.journal, YARD, on(9), phone.journal.all('bloom').get('f4')!)!;
    expect([history.failed, history.ended?.how]).toEqual([undefined, 'thinned']);
  });

  test('so many of a cohort are taken off, and the rest goes on', () => {
    const phone = begin([{ variety: 'v', crop: 'maxima', purpose: 'eat', plants: ['p1'] }]);
    const bloom = cohortId({ plant: 'p1', day: D, part: 'flower', sex: 'female' });
    phone.say(at(D), {
      kind: 'pollinated',
      body: {
        ...{ bloom, plant: 'p1', count: 5, donors: [], found: 'open', method: 'maleFlower' },
        ...{ shutAgain: false, tagged: false },
      },
    });
    phone.say(at(on(4)), { kind: 'looked', body: { bloom, seen: 'growing', growing: 4, of: 5 } });
    phone.say(at(on(5)), { kind: 'removed', body: { bloom, how: 'thinned', count: 2 } });
    phone.say(at(on(8)), { kind: 'looked', body: { bloom, seen: 'growing', growing: 2, of: 2 } });
    const { histories } = fruitOf(phone.journal, YARD, on(9), phone.journal.all('bloom').get(bloom)!)!;
    expect(histories.filter(({ ended }) => ended?.how === 'thinned')).toHaveLength(2);
    expect(histories.filter(({ ended, failed }) => !ended && failed === undefined)).toHaveLength(2);
    expect(histories.filter(({ failed }) => failed !== undefined)).toHaveLength(1);
  });
});

describe('strip', () => {
  test('asked once a season, of a plant that is worked for seed for the first time', () => {
    const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2', 'p9'] }]);
    const due = { kind: 'strip', plant: 'p1', variety: 'v' };
    expect(chores(phone, D, ['p1'])).toEqual([due]);
    phone.say(at(D), { kind: 'stripped', body: { plant: 'p1', day: D, count: 0, kept: [] } });
    expect(chores(phone, on(1), ['p1'])).toEqual([]);
    phone.say(at(on(-1)), covered('p2', 'g', D, 'tape'));
    phone.say(at(D), pollinated('p2', 'g'));
    expect(chores(phone, on(1), ['p2'])).toEqual([]);
  });

  test('crops of which nobody says how many ripen are not asked', () => {
    const phone = begin([{ variety: 'v', crop: 'sunflower', plants: ['p1'] }]);
    expect(chores(phone, D, ['p1'])).toEqual([]);
  });
});

/** A morning with a female of p1, one of p2, and a bag of the week before. */
function morning(): Phone {
  const phone = begin([{ variety: 'v', crop: 'maxima', plants: ['p1', 'p2', 'p3', 'p9'] }]);
  phone.say(at(on(-9), '18:00'), covered('p3', 'old', on(-8)));
  phone.say(at(on(-8)), pollinated('p3', 'old'));
  phone.say(at(on(-1), '18:00'), covered('p1', 'f', D, 'tape'), covered('p2', 'g', D, 'tape'), male);
  return phone;
}

function planned(phone: Phone): readonly Stop[] {
  const request = outingRequest(phone.journal, YARD, { day: D, outing: 'morning' }, Date.parse(at(D)));
  const stops = stopsOf(planOuting(request).rounds[0]!);
  phone.say(at(D), { kind: 'round.planned', body: { round: 'r', day: D, stops } });
  return stops;
}

const round = ({ journal }: Phone) => roundsOf(journal, { day: D, outing: 'morning' })[0]!;

test('a round brings all of it: fruit comes off before pollen, the old bag at any time, and each is done as planned', () => {
  const phone = morning();
  const stops = planned(phone);
  const place = (kind: Stop['kind'], plant: string): number =>
    stops.findIndex((stop) => stop.kind === kind && stop.plant === plant);
  for (const plant of ['p1', 'p2']) {
    expect(place('strip', plant)).toBeGreaterThanOrEqual(0);
    expect(place('strip', plant)).toBeLessThan(place('pollinate', plant));
  }
  expect(place('uncover', 'p3')).toBeGreaterThanOrEqual(0);
  for (const stop of stops) phone.say(at(D, '05:30'), ...asPlanned(phone.journal, round(phone), stop));
  expect(stops.map(({ stop }) => round(phone).done.get(stop)?.outcome)).toEqual(stops.map(() => 'done'));
  expect(chores(phone, D, ['p1', 'p2'])).toEqual([]);
});

test('what is left as it is does not hold the round up, and is not asked again for a week', () => {
  const phone = morning();
  const chore = planned(phone).find(({ kind }) => kind === 'uncover')!;
  phone.say(at(D, '05:30'), leftAt(round(phone), chore));
  expect(round(phone).done.get(chore.stop)?.outcome).toBe('skipped');
  expect(phone.journal.all('bloom').get('old')!.uncovered).toBeUndefined();
  const isAsked = (day: Day): boolean => chores(phone, day).some(({ kind }) => kind === 'uncover');
  expect([on(1), on(7), on(8)].map(isAsked)).toEqual([false, false, true]);
});

test('planned the evening before, a round begins with its flowers all the same', () => {
  const phone = morning();
  const evening = Date.parse(at(on(-1), '19:00'));
  const request = outingRequest(phone.journal, YARD, { day: D, outing: 'morning' }, evening);
  const [plan] = planOuting(request).rounds;
  const opens = Math.min(...request.varieties.map(({ hours }) => hours.opens));
  expect(plan!.stops.map(({ kind }) => kind)).toContain('chore');
  expect(Math.min(...plan!.stops.map(({ eta }) => eta))).toBeGreaterThanOrEqual(opens);
});

test('what needs no flower is not waited for, and makes nothing late', () => {
  const phone = morning();
  const stops = planned(phone);
  const [now, opens] = [Date.parse(at(D)), Date.parse(at(D, '07:00'))];
  const only = { ...round(phone), stops: stops.filter(({ kind }) => kind === 'uncover' || kind === 'strip') };
  const hours = new Map([['v', { opens, lastSafe: Date.parse(at(D, '07:30')) }]]);
  expect(progressOf(only, now, { hours }).finish).toBeLessThan(opens);
  expect(progressOf({ ...only, stops }, now, { hours }).finish).toBeGreaterThan(opens);
});

test('hands are cleaned after another variety that crosses, whatever is done between', () => {
  const phone = begin([
    { variety: 'v', crop: 'maxima', plants: ['p1'] },
    { variety: 'w', crop: 'maxima', plants: ['q1'] },
  ]);
  const eta = at(D) as `${string}Z`;
  const stops: readonly Stop[] = [
    { stop: 'a', kind: 'pick', plant: 'q1', variety: 'w', blooms: ['m'], eta },
    { stop: 'b', kind: 'strip', plant: 'p1', variety: 'v', eta },
    { stop: 'c', kind: 'pollinate', plant: 'p1', variety: 'v', bloom: 'f', donors: [], eta },
  ];
  phone.say(at(D), { kind: 'round.planned', body: { round: 'r', day: D, stops } });
  const cleaned = (brushed: boolean) =>
    stops.map((stop) => cleanBefore(phone.journal, round(phone), stop, () => brushed));
  expect(cleaned(false)).toEqual([{}, {}, { hands: 'w' }]);
});

test('in whatever order entries of two phones arrive, covers and fruit are the same', () => {
  const [a, b] = [morning(), new Phone('b')];
  planned(a);
  b.hear(a);
  a.say(at(D, '06:00'), {
    kind: 'uncovered',
    body: { bloom: 'old', plant: 'p3', found: 'off', day: on(-3) },
  });
  b.say(at(D, '06:01'), { kind: 'uncovered', body: { bloom: 'old', plant: 'p3', found: 'whole', day: D } });
  b.say(at(D, '06:02'), { kind: 'removed', body: { bloom: 'old', how: 'thinned' } });
  const strip = round(a).stops.find((stop) => stop.kind === 'strip')!;
  a.say(at(D, '06:03'), stripped(strip.plant, D, 2));
  b.say(at(D, '06:04'), stripped(strip.plant, D, 1));
  a.hear(b);
  const entries = [...a.journal.entries()] as Entry[];
  fc.assert(
    fc.property(fc.shuffledSubarray(entries, { minLength: entries.length }), (shuffled) => {
      const journal = new Journal();
      for (const entry of shuffled) journal.add([entry]);
      expect(statesOf(journal)).toEqual(statesOf(a.journal));
      // Of what two phones found the worse counts.
      expect(journal.all('bloom').get('old')!.uncovered).toMatchObject({ found: 'off', day: on(-3) });
    }),
    { numRuns: 30 },
  );
});
