import { extracted, growSeedFruit, sownFrom } from '@testing/seedFruit';
import { begin, YARD, type Phone } from '@testing/yard';
import { MAX_TOLD } from '../journal/limits';
import { receivedLot, sourceOfTold } from './receivedLot';
import { toldLots } from './toldLots';

/** One fruit grown, picked and its seed taken out, in a year. */
function grow(phone: Phone, lot: string, year: number, plant: string, fathers: readonly string[]): void {
  const bloom = `${lot}-${plant}`;
  growSeedFruit(phone, { bloom, plant, fathers, day: `${year}-07-19`, picked: `${year}-09-20` });
  phone.say(`${year}-10-20T09:00:00Z`, extracted(lot, `${year}-10-20`, [{ bloom }]));
}

const sow = (phone: Phone, lot: string, year: number, plants: readonly string[]): unknown =>
  phone.say(
    `${year}-05-10T09:00:00Z`,
    ...sownFrom(lot, { year, variety: 'a', plants, seedSource: 'ownGuarded', bed: 'bed-a' }),
  );

/** Two generations of a line. */
function grown(): Phone {
  const phone = begin([{ variety: 'a', crop: 'pepo', plants: ['a1', 'a2', 'a3'] }]);
  grow(phone, 'first', 2026, 'a1', ['a2', 'a3']);
  sow(phone, 'first', 2027, ['x1', 'x2']);
  grow(phone, 'second', 2027, 'x1', ['x2']);
  phone.say(
    '2027-12-01T09:00:00Z',
    { kind: 'germination.begun', body: { lot: 'second', test: 't', day: '2027-12-01', seeds: 50 } },
    {
      kind: 'germination.counted',
      body: { lot: 'second', test: 't', day: '2027-12-09', up: 46, ended: true },
    },
  );
  return phone;
}

test('a lot is told with what it is, and with the lot that its parents were sown from', () => {
  const [second, first, ...more] = toldLots(grown().journal, YARD, 'second', '2028-01-05');
  expect(second).toEqual({
    ...{ lot: 'second', name: 'second', garden: YARD.name, species: 'Cucurbita pepo' },
    ...{ since: '2027-10-20', told: '2028-01-05', descent: 'line', ancestry: 'a', grade: 'true' },
    ...{ mothers: 1, fathers: 1, size: 2, germinated: { day: '2027-12-01', seeds: 50, up: 46 } },
  });
  expect(first).toMatchObject({ lot: 'first', since: '2026-10-20', mothers: 1, fathers: 2 });
  expect(more).toEqual([]);
  expect(toldLots(grown().journal, YARD, 'nobody', '2028-01-05')).toEqual([]);
});

test('a lot that was topped up after it was sown from is told as it was then', () => {
  const phone = grown();
  growSeedFruit(phone, {
    bloom: 'late',
    plant: 'x2',
    fathers: ['x1'],
    day: '2027-07-22',
    picked: '2027-09-21',
  });
  phone.say('2027-10-25T09:00:00Z', extracted('first', '2027-10-25', [{ bloom: 'late' }]));
  const first = (lot: string) =>
    toldLots(phone.journal, YARD, lot, '2028-01-05').find(({ name }) => name === 'first');
  expect(first('second')).toMatchObject({ mothers: 1, fathers: 2 });
  expect(first('first')).toMatchObject({ mothers: 2, fathers: 3 });
});

test('another garden takes it in, and tells of it in turn what it was told', () => {
  const told = toldLots(grown().journal, YARD, 'second', '2028-01-05');
  const phone = begin([{ variety: 'a', crop: 'pepo', plants: ['a1'] }], 'b');
  phone.say(
    '2028-02-01T09:00:00Z',
    ...receivedLot(
      {
        ...{ lot: 'had', name: 'From the yard', variety: 'a', source: sourceOfTold(told[0]!) },
        ...{ day: '2028-02-01', told },
      },
      () => 'new',
    ),
  );
  sow(phone, 'had', 2028, ['y1', 'y2']);
  grow(phone, 'third', 2028, 'y1', ['y2']);
  const garden = { ...YARD, name: 'Hill' };
  const again = toldLots(phone.journal, garden, 'third', '2029-01-01');
  expect(again.map(({ name, garden: of }) => `${name}, ${of}`)).toEqual([
    'third, Hill',
    'From the yard, Hill',
    `second, ${YARD.name}`,
    `first, ${YARD.name}`,
  ]);
  // What is told proves nothing here: swapped seed stays unproven.
  expect(again.map(({ grade }) => grade)).toEqual(['unproven', 'unproven', 'true', 'true']);
});

test('what comes of a cross is no true seed of anything; a variety that comes along is described', () => {
  expect(sourceOfTold({ descent: 'cross' })).toBe('f1');
  const variety = { name: 'Ox', crop: 'pepo', traits: {} } as const;
  const facts = receivedLot(
    { lot: 'l', name: 'n', variety, source: 'swapped', day: '2028-02-01', seeds: 9 },
    () => 'v',
  );
  expect(facts.map(({ kind }) => kind)).toEqual(['variety.described', 'lot.received', 'lot.measured']);
  expect(facts[1]).toMatchObject({ body: { variety: 'v' } });
});

test('it ends: a chain of many seasons is told as far back as there is room', () => {
  const phone = begin([{ variety: 'a', crop: 'pepo', plants: ['a1', 'a2'] }]);
  grow(phone, 'l0', 2026, 'a1', ['a2']);
  for (let i = 1; i <= 24; i += 1) {
    sow(phone, `l${i - 1}`, 2026 + i, [`p${i}`, `q${i}`]);
    grow(phone, `l${i}`, 2026 + i, `p${i}`, [`q${i}`]);
  }
  const told = toldLots(phone.journal, YARD, 'l24', '2051-01-01');
  expect(told).toHaveLength(MAX_TOLD);
  expect(told.map(({ name }) => name).slice(0, 3)).toEqual(['l24', 'l23', 'l22']);
});
