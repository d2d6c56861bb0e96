import { begin, YARD, type Phone } from '@testing/yard';
import type { Fact } from '../journal/entry';
import type { Bodies } from '../journal/kinds/kinds';
import { addDays } from '../time/calendar';
import type { Day } from '../time/types';
import { controlsBeside, controlsOf } from './controls';

const DAY: Day = '2026-07-19';
const BATCH: Day = addDays(DAY, 60);

/** Two squash varieties; a flower of each that was pollinated. */
function garden(): Phone {
  const phone = begin([
    { variety: 'v', crop: 'pepo', plants: ['v1', 'v2'] },
    { variety: 'w', crop: 'pepo', plants: ['w1'] },
  ]);
  for (const plant of ['v1', 'w1'])
    phone.say(`${DAY}T05:00:00Z`, {
      kind: 'pollinated',
      body: {
        ...{ bloom: `f-${plant}`, plant, day: DAY, donors: [{ plant: 'v2', bloom: 'm' }], found: 'shut' },
        ...({ method: 'maleFlower', shutAgain: true, tagged: true } as const),
      },
    });
  return phone;
}

/** A flower that was left without pollen, and how it was found growing so many days later. */
function control(
  phone: Phone,
  bloom: string,
  { plant = 'v2', day = DAY, method = 'bag' as Bodies['covered']['method'], grewOn = [] as number[] },
): void {
  const role = 'control' as const;
  phone.say(`${addDays(day, -1)}T18:00:00Z`, {
    kind: 'covered',
    body: { plant, day, method, blooms: [{ bloom, sex: 'female', code: bloom, role }] },
  });
  for (const after of grewOn)
    phone.say(`${addDays(day, after)}T05:00:00Z`, looked(bloom, after === Infinity ? 'gone' : 'growing'));
}
const looked = (bloom: string, seen: 'growing' | 'gone'): Fact => ({ kind: 'looked', body: { bloom, seen } });

const beside = ({ journal }: Phone, flower = 'f-v1', variety = 'v') => {
  const bloom = journal.all('bloom').get(flower)!;
  const { looked: seen, set } = controlsBeside(
    journal,
    bloom,
    journal.all('variety').get(variety)!,
    YARD.zone,
  );
  return [seen, set];
};

test('those of its variety, covered, and no more than sixty days from it (our default)', () => {
  const phone = garden();
  control(phone, 'a', { grewOn: [4] });
  control(phone, 'b', { day: BATCH, grewOn: [4] });
  expect([beside(phone), beside(phone, 'f-w1', 'w')]).toEqual([
    [2, 2],
    [0, 0],
  ]);
  control(phone, 'c', { day: addDays(BATCH, 1), grewOn: [4] });
  control(phone, 'd', { day: addDays(DAY, -61), grewOn: [4] });
  control(phone, 'e', { method: 'none', grewOn: [4] });
  control(phone, 'g', { plant: 'w1', grewOn: [4] });
  expect(beside(phone)).toEqual([2, 2]);
  control(phone, 'h', { day: addDays(DAY, -60), grewOn: [4] });
  expect(beside(phone)).toEqual([3, 3]);
  expect(controlsOf(phone.journal, 'v', YARD.zone)).toMatchObject({ looked: 6, set: 6 });
});

test('a control of a cross is one of its batch alone', () => {
  const phone = garden();
  phone.say(`${addDays(DAY, 5)}T05:00:00Z`, {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'v', father: 'w', purpose: 'seedForFun', ownPollen: 'never' },
      from: addDays(DAY, 6),
    },
  } as Fact);
  control(phone, 'a', { day: addDays(DAY, 6), grewOn: [4] });
  expect(beside(phone)).toEqual([0, 0]);
  control(phone, 'b', { day: addDays(DAY, 5), grewOn: [4] });
  expect(beside(phone)).toEqual([1, 1]);
});

test('has it set: found growing at the age of the first look, or harvested; one that nobody looked at tells nothing', () => {
  const phone = garden();
  // Squash are looked at from the third day on (common practice, no source).
  control(phone, 'early', { grewOn: [2] });
  expect(beside(phone)).toEqual([0, 0]);
  control(phone, 'onDay', { grewOn: [3] });
  expect(beside(phone)).toEqual([1, 1]);
  control(phone, 'picked', {});
  phone.say(`${addDays(DAY, 40)}T05:00:00Z`, {
    kind: 'harvested',
    body: { bloom: 'picked', use: 'eat', tagThere: true, typical: true },
  });
  expect(beside(phone)).toEqual([2, 2]);
  control(phone, 'gone', {});
  phone.say(`${addDays(DAY, 2)}T05:00:00Z`, looked('gone', 'gone'));
  expect(beside(phone)).toEqual([3, 2]);
  // One whose pollen came after all is none.
  phone.say(`${DAY}T06:00:00Z`, {
    kind: 'pollinated',
    body: {
      ...{ bloom: 'onDay', plant: 'v2', day: DAY, donors: [], found: 'shut' },
      ...({ method: 'maleFlower', shutAgain: true, tagged: true } as const),
    },
  });
  expect(beside(phone)).toEqual([2, 1]);
});
