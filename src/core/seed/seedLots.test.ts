import fc from 'fast-check';
import { extracted, growSeedFruit, sownFrom } from '@testing/seedFruit';
import { begin, YARD, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import type { Day } from '../time/types';
import { lotAmount, seedsInWeight } from './lotAmount';
import { lotContents } from './lotContents';
import { generationsOf, lotParents } from './lotParents';
import { seedJobs, wholeFruits, notToKeep, isDue } from './seedJobs';
import { seedLot, seedLots } from './seedLot';

const AUTUMN: Day = '2026-10-20';

/** Three squashes picked for seed, of two mothers. */
function harvest(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1', 'v2', 'v3', 'v4'] }]);
  growSeedFruit(phone, {
    bloom: 'f1',
    plant: 'v1',
    fathers: ['v2'],
    day: '2026-07-19',
    picked: '2026-09-15',
  });
  growSeedFruit(phone, {
    bloom: 'f2',
    plant: 'v1',
    fathers: ['v3'],
    day: '2026-07-22',
    picked: '2026-09-25',
  });
  growSeedFruit(phone, {
    ...{ bloom: 'f3', plant: 'v2', fathers: ['v1', 'v3'], day: '2026-07-25', picked: '2026-10-10' },
  });
  return phone;
}
const amountIn = ({ journal }: Phone, lot: string) => lotAmount(journal.all('lot').get(lot)!);
const measured = (
  lot: string,
  day: Day,
  so: { seeds?: number; grams?: number; thousandGrams?: number },
): Fact => ({
  kind: 'lot.measured',
  body: { lot, day, ...so },
});
const used = (lot: string, day: Day, seeds: number | 'all'): Fact => ({
  kind: 'lot.used',
  body: { lot, day, how: 'sown', ...(seeds === 'all' ? { all: true } : { seeds }) },
});

test('fruits picked for seed wait until they have ripened on; those of a variety that can be opened are one job', () => {
  const { journal } = harvest();
  // Squash is cured three weeks or more (common practice, no source).
  expect(wholeFruits(journal, YARD, AUTUMN).map(({ bloom, from }) => [bloom.bloom, from])).toEqual([
    ['f1', '2026-10-06'],
    ['f2', '2026-10-16'],
    ['f3', '2026-10-31'],
  ]);
  const jobs = seedJobs(journal, YARD, AUTUMN);
  expect(
    jobs.map((job) => [
      job.job,
      job.job === 'open' && job.fruits.map(({ bloom }) => bloom.bloom),
      isDue(job, AUTUMN),
    ]),
  ).toEqual([
    ['open', ['f1', 'f2'], true],
    ['open', ['f3'], false],
  ]);
});

test('a fruit that gave none, that is eaten, or whose seed is taken out waits no more', () => {
  const phone = harvest();
  phone.say('2026-10-20T09:00:00Z', {
    kind: 'fruit.opened',
    body: { bloom: 'f1', day: AUTUMN, taste: 'good', none: 'rotten' },
  });
  phone.say('2026-10-20T09:05:00Z', extracted('l', AUTUMN, [{ bloom: 'f2' }]));
  expect(wholeFruits(phone.journal, YARD, AUTUMN).map(({ bloom }) => bloom.bloom)).toEqual(['f3']);
  const another = harvest();
  another.say('2026-10-01T09:00:00Z', {
    kind: 'harvested',
    body: { bloom: 'f1', use: 'eat', tagThere: true, typical: true },
  });
  expect(wholeFruits(another.journal, YARD, AUTUMN).map(({ bloom }) => bloom.bloom)).toEqual(['f2', 'f3']);
});

test('a bitter squash, and a mother that looks diseased, are told; a bitter tomato is only a matter of taste', () => {
  const phone = harvest();
  phone.say('2026-10-19T09:00:00Z', {
    kind: 'fruit.opened',
    body: { bloom: 'f1', day: AUTUMN, taste: 'bitter' },
  });
  phone.say('2026-10-19T09:00:00Z', {
    kind: 'fruit.opened',
    body: { bloom: 'f1', day: AUTUMN, taste: 'good' },
  });
  phone.say('2026-08-01T09:00:00Z', {
    kind: 'plant.noted',
    body: { plant: 'v2', health: 'suspect', trueness: 'typical' },
  });
  expect(wholeFruits(phone.journal, YARD, AUTUMN).map(notToKeep)).toEqual(['bitter', undefined, 'suspect']);
});

test('from wet seed to the packet: rinsed, dried, counted, each due in its turn; tests are counted twice, and made again', () => {
  const phone = harvest();
  const jobOf = (today: Day) =>
    seedJobs(phone.journal, YARD, today).find((job) => job.job !== 'open') as
      { job: string; from: Day; by?: Day; count?: string } | undefined;
  const expectJob = (today: Day, job: string, from: Day, count?: string): void =>
    expect(jobOf(today)).toMatchObject({ job, from, ...(count && { count }) });
  phone.say('2026-10-20T09:00:00Z', extracted('l', '2026-10-20', [{ bloom: 'f1' }, { bloom: 'f2' }]));
  expectJob('2026-10-20', 'rinse', '2026-10-20');
  phone.say('2026-10-20T10:00:00Z', {
    kind: 'seed.prepared',
    body: { lot: 'l', step: 'rinsed', day: '2026-10-20' },
  });
  expectJob('2026-10-20', 'dry', '2026-10-27');
  phone.say('2026-10-29T10:00:00Z', {
    kind: 'seed.prepared',
    body: { lot: 'l', step: 'dried', day: '2026-10-29' },
  });
  expectJob('2026-10-29', 'measure', '2026-10-29');
  phone.say('2026-10-29T11:00:00Z', measured('l', '2026-10-29', { seeds: 240 }));
  expect(jobOf('2026-10-29')).toBeUndefined();
  phone.say('2027-02-01T09:00:00Z', {
    kind: 'germination.begun',
    body: { lot: 'l', test: 't', day: '2027-02-01', seeds: 20 },
  });
  // Squash: first count on day 4, last on day 8 [ISTA rules, from memory].
  expectJob('2027-02-01', 'count', '2027-02-05', 'first');
  const count = (day: Day, up: number): void =>
    void phone.say(`${day}T09:00:00Z`, {
      kind: 'germination.counted',
      body: { lot: 'l', test: 't', day, up },
    });
  count('2027-02-05', 12);
  expectJob('2027-02-05', 'count', '2027-02-09', 'last');
  count('2027-02-09', 18);
  expectJob('2027-02-09', 'test', '2029-01-31');
  phone.say('2027-04-20T09:00:00Z', used('l', '2027-04-20', 'all'));
  expect(jobOf('2029-02-09')).toBeUndefined();
});

test('seed from a dry fruit is not rinsed; seed of a tomato stays in its juice for one to three days', () => {
  const phone = begin([
    { variety: 'c', crop: 'corn', plants: ['c1', 'c2'] },
    { variety: 't', crop: 'tomato', plants: ['t1'] },
  ]);
  growSeedFruit(phone, { bloom: 'e', plant: 'c1', fathers: ['c2'], day: '2026-07-19', picked: '2026-09-15' });
  growSeedFruit(phone, { bloom: 'b', plant: 't1', fathers: ['t1'], day: '2026-07-19', picked: '2026-09-15' });
  phone.say('2026-10-20T09:00:00Z', extracted('ear', AUTUMN, [{ bloom: 'e' }], 'dry'));
  const tomato = extracted('tom', AUTUMN, [{ bloom: 'b' }]);
  phone.say('2026-10-20T09:00:00Z', { ...tomato, body: { ...tomato.body, ferments: true } });
  expect(
    seedJobs(phone.journal, YARD, AUTUMN).map((job) => [
      job.job !== 'open' && job.lot.lot,
      job.job,
      job.from,
      job.by,
    ]),
  ).toEqual([
    ['ear', 'dry', '2026-10-23', undefined],
    ['tom', 'rinse', '2026-10-21', '2026-10-23'],
  ]);
});

test('shares of a lot are by seeds where all were counted, else every fruit counts alike, and that is told', () => {
  const phone = harvest();
  phone.say(
    '2026-10-20T09:00:00Z',
    extracted('a', AUTUMN, [
      { bloom: 'f1', seeds: 300 },
      { bloom: 'f2', seeds: 100 },
    ]),
    extracted('b', AUTUMN, [{ bloom: 'f3' }]),
  );
  expect(lotContents(phone.journal, 'a')).toEqual({
    contents: [
      { from: 'fruit', bloom: 'f1', share: 0.75 },
      { from: 'fruit', bloom: 'f2', share: 0.25 },
    ],
    assumed: false,
  });
  // Half of it of each: then f1 is 3/8 of the mixture.
  phone.say('2026-11-20T09:00:00Z', {
    kind: 'lot.filled',
    body: {
      ...{ lot: 'm', name: 'm', day: '2026-11-20' },
      from: [
        { lot: 'a', seeds: 50 },
        { lot: 'b', seeds: 50 },
      ],
    },
  });
  const mixed = lotContents(phone.journal, 'm');
  expect(mixed.contents.map((content) => content.share)).toEqual([0.5, 0.375, 0.125]);
  expect(mixed.assumed).toBe(false);
  phone.say('2026-11-21T09:00:00Z', extracted('b', '2026-11-21', [{ bloom: 'f2' }]));
  expect(lotContents(phone.journal, 'b')).toMatchObject({
    contents: [{ share: 0.5 }, { share: 0.5 }],
    assumed: true,
  });
  // A part of it that nobody counted has the shares of the whole.
  phone.say('2026-11-20T10:00:00Z', {
    kind: 'lot.filled',
    body: { lot: 's', name: 's', day: '2026-11-20', from: [{ lot: 'a', all: true }] },
  });
  expect(lotContents(phone.journal, 's')).toEqual(lotContents(phone.journal, 'a'));
  // What went into the jar later is not in what was poured out of it before.
  expect(lotContents(phone.journal, 'm')).toEqual(mixed);
  expect(lotContents(phone.journal, 'none')).toEqual({ contents: [], assumed: true });
});

test('lots that were poured into each other in a circle are read all the same', () => {
  const phone = harvest();
  const poured = (lot: string, from: string): Fact => ({
    kind: 'lot.filled',
    body: { lot, name: lot, day: AUTUMN, from: [{ lot: from, all: true }] },
  });
  phone.say(
    '2026-10-20T09:00:00Z',
    extracted('a', AUTUMN, [{ bloom: 'f1' }]),
    poured('b', 'a'),
    poured('a', 'b'),
  );
  for (const lot of ['a', 'b'])
    expect(lotContents(phone.journal, lot).contents).toEqual([{ from: 'fruit', bloom: 'f1', share: 1 }]);
  expect(generationsOf(phone.journal, 'b').sizes.length).toBe(1);
});

test('mothers and fathers with their shares, and the effective size they come to', () => {
  const phone = harvest();
  phone.say(
    '2026-10-20T09:00:00Z',
    extracted('l', AUTUMN, [
      { bloom: 'f1', seeds: 100 },
      { bloom: 'f2', seeds: 100 },
      { bloom: 'f3', seeds: 200 },
    ]),
  );
  const { mothers, fathers, size, unknown } = lotParents(phone.journal, 'l');
  expect(mothers).toEqual([
    { plant: 'v1', share: 0.5 },
    { plant: 'v2', share: 0.5 },
  ]);
  expect(fathers).toEqual([
    { plant: 'v3', share: 0.5 },
    { plant: 'v1', share: 0.25 },
    { plant: 'v2', share: 0.25 },
  ]);
  expect(unknown).toBe(0);
  // 1/Σc²: c = (0.5+0.25)/2 twice, and 0.25 [handbook formula after Wright 1931].
  expect(size).toBeCloseTo(1 / (2 * 0.375 ** 2 + 0.25 ** 2), 9);
});

test('generations are followed back through the lots that were sown, and the narrowest weighs most', () => {
  const phone = harvest();
  phone.say('2026-10-20T09:00:00Z', extracted('l', AUTUMN, [{ bloom: 'f1' }]));
  phone.say(
    '2027-05-10T09:00:00Z',
    ...sownFrom('l', {
      ...{ year: 2027, variety: 'v', seedSource: 'ownGuarded', bed: 'bed-v' },
      plants: ['w1', 'w2', 'w3'],
    }),
  );
  for (const [i, plant] of ['w1', 'w2', 'w3'].entries())
    growSeedFruit(phone, {
      ...{ bloom: `g${i}`, plant, fathers: ['w1', 'w2', 'w3'].filter((each) => each !== plant) },
      ...{ day: '2027-07-20', picked: '2027-09-20' },
    });
  phone.say(
    '2027-10-20T09:00:00Z',
    extracted('l2', '2027-10-20', [{ bloom: 'g0' }, { bloom: 'g1' }, { bloom: 'g2' }]),
  );
  const { sizes, over } = generationsOf(phone.journal, 'l2');
  expect(sizes[0]).toBeCloseTo(3, 9);
  expect(sizes[1]).toBeCloseTo(2, 9);
  // The harmonic mean [Wright 1931].
  expect(over).toBeCloseTo(2 / (1 / 3 + 1 / 2), 9);
});

test('what is left: measured, less what was taken since; weights count by the weight of a thousand', () => {
  const phone = harvest();
  phone.say('2026-10-20T09:00:00Z', extracted('l', AUTUMN, [{ bloom: 'f1', seeds: 200 }]));
  expect(amountIn(phone, 'l')).toEqual({ seeds: 200, gone: false });
  phone.say('2026-10-21T09:00:00Z', used('l', '2026-10-21', 30));
  expect(amountIn(phone, 'l').seeds).toBe(170);
  phone.say('2026-11-01T09:00:00Z', measured('l', '2026-11-01', { grams: 24, thousandGrams: 150 }));
  expect(amountIn(phone, 'l')).toEqual({
    ...{ seeds: 160, grams: 24, thousandGrams: 150, gone: false, measured: '2026-11-01' },
  });
  phone.say('2026-11-02T09:00:00Z', used('l', '2026-11-02', 60));
  expect(amountIn(phone, 'l')).toMatchObject({ seeds: 100, grams: 15 });
  phone.say('2026-11-03T09:00:00Z', used('l', '2026-11-03', 500));
  expect(amountIn(phone, 'l')).toMatchObject({ seeds: 0, gone: true });
  // Somebody finds some after all.
  phone.say('2026-11-04T09:00:00Z', measured('l', '2026-11-04', { seeds: 12 }));
  expect(amountIn(phone, 'l')).toMatchObject({ seeds: 12, gone: false });
});

test('what was only weighed is about so many seeds; nobody counted: nobody knows', () => {
  const phone = harvest();
  phone.say('2026-10-20T09:00:00Z', extracted('l', AUTUMN, [{ bloom: 'f1' }, { bloom: 'f2', seeds: 20 }]));
  expect(amountIn(phone, 'l')).toEqual({ gone: false });
  phone.say('2026-10-20T09:00:00Z', measured('l', AUTUMN, { grams: 25 }));
  expect(amountIn(phone, 'l')).toEqual({ grams: 25, gone: false, measured: AUTUMN });
  expect(seedsInWeight(25, [100, 200])).toEqual([125, 250]);
});

test('a lot is called as its packet says last; one that nobody began is none', () => {
  const phone = harvest();
  phone.say('2026-10-20T09:00:00Z', extracted('l', AUTUMN, [{ bloom: 'f1' }]));
  phone.say('2026-10-20T09:00:00Z', used('lost', AUTUMN, 3));
  phone.say('2026-10-20T09:00:00Z', {
    kind: 'lot.received',
    body: { lot: 'h', name: 'From a swap', variety: 'v', source: 'swapped', day: '2026-03-01', year: 2024 },
  });
  expect(seedLots(phone.journal).map(({ name, varieties }) => [name, varieties])).toEqual([
    ['l', ['v']],
    ['From a swap', ['v']],
  ]);
  phone.say('2026-10-21T09:00:00Z', { kind: 'lot.described', body: { lot: 'l', name: 'Redring 26' } });
  expect(seedLot(phone.journal, phone.journal.all('lot').get('l')!)?.name).toBe('Redring 26');
});

test('lots and jobs are the same in whatever order the entries come, and twice', () => {
  const phone = harvest();
  phone.say(
    '2026-10-20T09:00:00Z',
    extracted('l', AUTUMN, [
      { bloom: 'f1', seeds: 90 },
      { bloom: 'f2', seeds: 60 },
    ]),
  );
  phone.say('2026-10-20T10:00:00Z', {
    kind: 'seed.prepared',
    body: { lot: 'l', step: 'rinsed', day: AUTUMN },
  });
  phone.say('2026-10-29T10:00:00Z', {
    kind: 'seed.prepared',
    body: { lot: 'l', step: 'dried', day: '2026-10-29' },
  });
  phone.say('2026-10-30T10:00:00Z', measured('l', '2026-10-30', { seeds: 140 }), used('l', '2026-10-30', 20));
  phone.say('2026-11-02T10:00:00Z', {
    kind: 'lot.filled',
    body: { lot: 'k', name: 'k', day: '2026-11-02', from: [{ lot: 'l', seeds: 40 }] },
  });
  const read = (journal: Journal): unknown => [
    seedLots(journal),
    seedJobs(journal, YARD, '2026-11-05'),
    lotParents(journal, 'k'),
  ];
  const whole = read(phone.journal);
  const entries = [...phone.journal.entries()];
  fc.assert(
    fc.property(fc.shuffledSubarray(entries, { minLength: entries.length }), (shuffled) => {
      const journal = new Journal();
      journal.add([...shuffled, ...shuffled.slice(0, 5)]);
      expect(read(journal)).toEqual(whole);
    }),
    { numRuns: 20 },
  );
});
