import { begin, YARD, type Phone } from '@testing/yard';
import { livedSeason } from '@testing/seasons';
import type { CropId } from '../crops/catalogue';
import { fruitsOf, type Fruit } from '../fruit/fruits';
import { fruitSetRates } from '../fruit/setRates';
import { Journal } from '../journal/journal';
import type { Bodies } from '../journal/kinds/kinds';
import type { Garden } from '../journal/state';
import { seasonAt } from '../season/seasons';
import { addDays } from '../time/calendar';
import { analyseSet, setQuestion, SET_GROUPINGS } from './setAnalysis';
import type { SetTrial } from '../analysis/setTrials';

const seasonFruits = (journal: Journal, garden: Garden, today: string): Fruit[] =>
  fruitsOf(journal, garden, today, seasonAt(journal, today));

describe('of the demo’s season', () => {
  const journal = new Journal();
  journal.add(livedSeason('demo'));
  const garden = journal.all('garden').get('')!;
  const fruits = seasonFruits(journal, garden, '2026-07-18');
  const { set } = fruitSetRates(fruits.flatMap(({ histories }) => histories));

  test('each group counts the flowers of the set rate, none twice', () => {
    const { by, better, curve, failures } = analyseSet(setQuestion(journal, garden, fruits));
    expect(better).toMatchObject({ enough: true, flowers: set.of });
    for (const grouping of ['plant', 'variety', 'hour', 'cover', 'device'] as const) {
      const sum = (of: 'hits' | 'of'): number =>
        by[grouping].reduce((all, { counted }) => all + counted[of], 0);
      expect([grouping, sum('hits'), sum('of')]).toEqual([grouping, set.hits, set.of]);
    }
    expect(failures.failed).toBe(curve!.dropped);
    expect(failures.causes.reduce((all, { expected }) => all + expected, 0)).toBeLessThanOrEqual(
      failures.failed + 1e-9,
    );
    expect(Object.keys(by).sort()).toEqual([...SET_GROUPINGS].sort());
    expect(curve!.dropped).toBe(
      fruits.flatMap(({ histories }) => histories).filter(({ failed }) => failed !== undefined).length,
    );
  });

  test('asked of one variety it is about that alone, with the load of all', () => {
    const { variety } = setQuestion(journal, garden, fruits).trials[0]!;
    const whole = setQuestion(journal, garden, fruits);
    const one = setQuestion(
      journal,
      garden,
      fruits,
      fruits.filter((fruit) => fruit.variety.variety === variety),
    );
    expect(one.trials).toEqual(whole.trials.filter((trial) => trial.variety === variety));
    expect(one.trials.length).toBeLessThan(whole.trials.length);
    expect(analyseSet(one).by.variety.map(({ level }) => level)).toEqual([variety]);
  });
});

const DAY = '2026-07-19';
const at = (after: number, clock: string): string => `${addDays(DAY, after)}T${clock}:00Z`;

function pollinated(
  phone: Phone,
  when: string,
  body: Partial<Bodies['pollinated']> & { readonly bloom: string },
): void {
  phone.say(when, {
    kind: 'pollinated',
    body: {
      ...{ plant: 'p1', donors: [{ plant: 'p2', bloom: 'm' }], found: 'shut', method: 'maleFlower' },
      ...{ shutAgain: true, tagged: true, ...body },
    },
  });
}

function yard(crop: CropId): Phone {
  const phone = begin([{ variety: 'v', crop, plants: ['p1', 'p2'] }]);
  const code = (bloom: string, sex: 'female' | 'male') => ({ bloom, sex, code: sex === 'male' ? '' : bloom });
  phone.say(
    at(-1, '17:00'),
    {
      kind: 'covered',
      body: { plant: 'p1', day: DAY, method: 'bag', blooms: [code('K1', 'female'), code('K2', 'female')] },
    },
    { kind: 'covered', body: { plant: 'p2', day: DAY, method: 'bag', blooms: [code('m', 'male')] } },
  );
  return phone;
}

function factorsOf(phone: Phone, today: string): Record<string, SetTrial['factors']> {
  const fruits = seasonFruits(phone.journal, YARD, today);
  return Object.fromEntries(
    setQuestion(phone.journal, YARD, fruits).trials.map(({ factors }, i) => [
      fruits.filter(({ histories }) => histories.length > 0)[i]!.bloom.bloom,
      factors,
    ]),
  );
}

const looked = (phone: Phone, when: string, ...blooms: readonly string[]): void => {
  phone.say(when, ...blooms.map((bloom) => ({ kind: 'looked', body: { bloom, seen: 'growing' } }) as const));
};

test('what is known of each flower: its hour, males, whose pollen, a second time, cover, and what grew on its plant', () => {
  const phone = yard('pepo');
  // Sunrise 05:08 by the clock, 04:08 UTC.
  pollinated(phone, at(0, '05:08'), { bloom: 'K1' });
  pollinated(phone, at(0, '07:08'), {
    ...{ bloom: 'K2', found: 'wilted', method: 'brush' },
    donors: [
      { plant: 'p1', bloom: 'm1' },
      { plant: 'p1', bloom: 'm2' },
    ],
  });
  looked(phone, at(8, '17:00'), 'K1', 'K2');
  const found = factorsOf(phone, addDays(DAY, 8));
  expect(found['K1']).toMatchObject({
    males: 1,
    ownPlant: 0,
    again: 0,
    late: 0,
    cover: 1,
    load: 0,
    method: 'maleFlower',
  });
  expect(found['K2']).toMatchObject({ males: 2, ownPlant: 1, late: 1, method: 'brush', device: 'a' });
  expect(found['K1']!.hour).toBeCloseTo(1, 0);
  expect((found['K2']!.hour as number) - (found['K1']!.hour as number)).toBeCloseTo(2, 6);
  // Nobody noted the weather.
  expect(found['K1']).not.toHaveProperty('rain');
});

test('males that nobody counted, and plants that nobody noted, are not known', () => {
  const phone = yard('pepo');
  pollinated(phone, at(0, '05:00'), { bloom: 'K1', donors: [{ plant: 'p2', bloom: '' }] });
  pollinated(phone, at(0, '05:10'), { bloom: 'K2', donors: [] });
  looked(phone, at(8, '17:00'), 'K1', 'K2');
  const found = factorsOf(phone, addDays(DAY, 8));
  expect(found['K1']).toMatchObject({ ownPlant: 0 });
  for (const bloom of ['K1', 'K2']) expect(found[bloom]).not.toHaveProperty('males');
  expect(found['K2']).not.toHaveProperty('ownPlant');
});

test('a flower of dusk that is pollinated past midnight is hours after its dusk', () => {
  const phone = yard('bottleGourd');
  pollinated(phone, at(0, '20:30'), { bloom: 'K1' });
  pollinated(phone, at(0, '23:30'), { bloom: 'K2' });
  looked(phone, at(8, '17:00'), 'K1', 'K2');
  const found = factorsOf(phone, addDays(DAY, 8));
  expect((found['K2']!.hour as number) - (found['K1']!.hour as number)).toBeCloseTo(3, 6);
});

test('a fruit that grows already is a load for what opens three days later or more, until it is gone', () => {
  const phone = yard('pepo');
  pollinated(phone, at(0, '05:00'), { bloom: 'K1' });
  looked(phone, at(4, '17:00'), 'K1');
  for (const [i, bloom] of ['L1', 'L2', 'L3'].entries()) {
    const day = addDays(DAY, [2, 4, 9][i]!);
    phone.say(at([1, 3, 8][i]!, '17:00'), {
      kind: 'covered',
      body: { plant: 'p1', day, method: 'bag', blooms: [{ bloom, sex: 'female', code: bloom }] },
    });
    pollinated(phone, `${day}T05:00:00Z`, { bloom });
    if (bloom === 'L2') phone.say(at(6, '17:00'), { kind: 'looked', body: { bloom: 'K1', seen: 'gone' } });
    looked(phone, `${addDays(day, 8)}T17:00:00Z`, bloom);
  }
  const trials = setQuestion(phone.journal, YARD, seasonFruits(phone.journal, YARD, addDays(DAY, 20))).trials;
  // Newest first: L3 (of K1 and L1 and L2 two are left), L2 (K1), L1 (too soon), K1.
  expect(trials.map(({ factors }) => factors.load)).toEqual([2, 1, 0, 0]);
});
