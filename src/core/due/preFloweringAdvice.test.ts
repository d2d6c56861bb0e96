import type { CropId } from '../crops/catalogue';
import { daysBetween } from '../time/calendar';
import type { Garden } from '../journal/state';
import type { Day } from '../time/types';
import { preFloweringAdvice } from './preFloweringAdvice';
import { begin, YARD, type Phone } from '@testing/yard';

const garden = (latitude: number): Garden => ({ ...YARD, latitude });
const NORTH = garden(52);

const grown = (crop: CropId = 'pepo'): Phone => begin([{ variety: 'v', crop, plants: ['p1'] }]);
const at = (phone: Phone, day: Day, place = NORTH) => preFloweringAdvice(phone.journal, place, day);

const sow = (phone: Phone, day: Day): void => {
  phone.say(`${day}T10:00:00Z`, {
    kind: 'variety.described',
    body: { ...phone.journal.all('variety').get('v')!, sowing: { how: 'sown', day } } as never,
  });
};

const frostUntil = (phone: Phone, lateFrost: Day): Phone => {
  phone.say('2026-01-01T10:00:00Z', { kind: 'surroundings.described', body: { ground: 'mixed', lateFrost } });
  return phone;
};

test('squash on 25 November at 52° north: nothing flowers; sowing, planting out and flowers in their order', () => {
  const { toSow, firstFlowers } = at(frostUntil(grown(), '2020-05-15'), '2026-11-25')!;
  expect(toSow).toMatchObject({ plantOut: '2027-05-15', sowUnderCover: '2027-04-17' });
  // Tender plants that went out in May flower there in summer (common practice, no source).
  expect(firstFlowers! > '2027-06-10' && firstFlowers! < '2027-07-25').toBe(true);
  expect(daysBetween(toSow!.plantOut!, firstFlowers!)).toBe(toSow!.toFlower);
});

// Latitude alone put tomatoes out on 22 April where frost comes until late May.
test.each([30, 38, 43, 48, 52, 60])('without a last frost no day is told, at %s° north', (latitude) => {
  for (const day of ['2026-11-25', '2026-12-20', '2027-02-10', '2027-03-20']) {
    const found = at(grown('tomato'), day, garden(latitude));
    if (!found) continue;
    expect(found).toEqual({ variety: 'v', toSow: { toFlower: found.toSow!.toFlower } });
    // Tomatoes flower some four to ten weeks after they were planted out (common practice, no source).
    expect(found.toSow!.toFlower).toBeGreaterThan(20);
    expect(found.toSow!.toFlower).toBeLessThan(100);
  }
});

test('nothing is planted out before the last frost, nor long after it is over and warm', () => {
  const plantOut = (lateFrost: Day, day: Day): Day | undefined =>
    at(frostUntil(grown(), lateFrost), day, garden(43))?.toSow?.plantOut;
  expect(plantOut('2026-05-28', '2027-02-01')).toBe('2027-05-28');
  // Where frost is over in March it is the warmth that is waited for.
  expect(plantOut('2026-03-01', '2027-02-01')! > '2027-03-20').toBe(true);
  expect(plantOut('2024-02-29', '2027-02-01')).toBe(plantOut('2024-02-28', '2027-02-01'));
});

test('in July they may flower, whoever planted them', () => {
  expect(at(grown(), '2026-07-20')).toBeUndefined();
  expect(at(grown('corn'), '2026-07-25')).toBeUndefined();
});

test('in the south it is the other way round', () => {
  const south = garden(-37);
  expect(at(grown(), '2026-01-20', south)).toBeUndefined();
  const winter = at(frostUntil(grown(), '2020-10-20'), '2026-07-20', south)!;
  expect(winter.toSow!.plantOut).toBe('2026-10-20');
  expect(winter.firstFlowers! > '2026-11-10' && winter.firstFlowers! < '2027-02-01').toBe(true);
});

test('near the equator there is always something to look for', () => {
  for (const day of ['2026-01-10', '2026-04-10', '2026-07-10', '2026-10-10'])
    expect(at(grown(), day, garden(-1))).toBeUndefined();
});

test('a sowing that is known decides: not yet, then soon', () => {
  const phone = grown();
  sow(phone, '2026-06-01');
  const early = at(phone, '2026-06-20')!;
  expect(early.toSow).toBeUndefined();
  expect(early.firstFlowers! > '2026-07-01').toBe(true);
  expect(at(phone, early.firstFlowers!)).toBeUndefined();
});

test('females follow the first males by what the crop is known for; none is told where there is one flower of both', () => {
  const of = (crop: CropId, traits = {}) => {
    const phone = begin([{ variety: 'v', crop, traits, plants: ['p1'] }]);
    sow(phone, '2026-06-01');
    const found = at(phone, '2026-06-05')!;
    return found.firstBearing?.map((day) => daysBetween(found.firstFlowers!, day));
  };
  // One to two weeks of squash and cucumber, one to three days of corn: common practice, no source.
  expect(of('pepo')).toEqual([7, 14]);
  expect(of('corn')).toEqual([1, 3]);
  expect(of('tomato')).toBeUndefined();
  // Nearly all its flowers bear.
  expect(of('cucumber', { gynoecious: true })).toBeUndefined();
});

test('it is said from which sowing days were counted', () => {
  const phone = grown();
  expect(at(phone, '2026-11-25')!.counted).toBeUndefined();
  sow(phone, '2026-06-01');
  expect(at(phone, '2026-06-05')!.counted).toEqual({
    sowing: { how: 'sown', day: '2026-06-01' },
    by: 'degreeDays',
  });
});

test('what was sown in May is over in November, and next year comes first', () => {
  const phone = frostUntil(grown(), '2020-05-15');
  sow(phone, '2026-05-20');
  expect(at(phone, '2026-08-01')).toBeUndefined();
  expect(at(phone, '2026-11-25')?.toSow?.plantOut).toBe('2027-05-15');
  // A sowing that is planned counts.
  sow(phone, '2027-05-25');
  const planned = at(phone, '2026-11-25')!;
  expect(planned.toSow).toBeUndefined();
  expect(planned.firstFlowers! > '2027-06-25').toBe(true);
});

test('who sees a bud is believed at once', () => {
  const phone = grown();
  expect(at(phone, '2026-11-25')).toBeDefined();
  const count = (eve: { female: number; male: number }): void =>
    void phone.say('2026-11-24T16:00:00Z', {
      kind: 'scouted',
      body: { plant: 'p1', day: '2026-11-25', eve, green: { female: 0, male: 0 } },
    });
  // That there was none is no flower.
  count({ female: 0, male: 0 });
  expect(at(phone, '2026-11-25')).toBeDefined();
  count({ female: 0, male: 1 });
  expect(at(phone, '2026-11-25')).toBeUndefined();
});

test('where summer is too short it is said that no flower can be expected', () => {
  expect(at(grown('melon'), '2026-07-20', garden(69))).toEqual({ variety: 'v' });
});

test('a garden without plants waits for nothing', () => {
  expect(preFloweringAdvice(begin([]).journal, NORTH, '2026-11-25')).toBeUndefined();
});

test('the first of several varieties is named', () => {
  const phone = begin([
    { variety: 'melon', crop: 'melon', plants: ['p1'] },
    { variety: 'squash', crop: 'pepo', plants: ['p2'] },
  ]);
  expect(at(phone, '2026-11-25')?.variety).toBe('squash');
});

test('of two that flower on the same day all devices name the same', () => {
  const order = (...varieties: string[]) =>
    begin(varieties.map((variety) => ({ variety, crop: 'pepo' as const, plants: [`p-${variety}`] })));
  expect(at(order('a', 'b'), '2026-11-25')).toEqual(at(order('b', 'a'), '2026-11-25'));
});
