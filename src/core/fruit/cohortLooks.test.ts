import { begin, YARD, type Phone } from '@testing/yard';
import { cohortId } from '../journal/cohort';
import type { Fact } from '../journal/entry';
import { withCohortHistory } from '../journal/withCohortHistory';
import { fatherPlants } from '../journal/pollinations';
import { fruitOf } from './fruits';
import { pickedToEat } from './harvested';
import { fruitSetRates } from './setRates';

const DAY = '2026-07-19';
const at = (day: number, clock = '05:00'): string => `2026-07-${day}T${clock}:00Z`;
const COHORT = cohortId({ plant: 'p1', day: DAY, part: 'flower', sex: 'female' });

const pollinated = (count: number | undefined, plant: string): Fact =>
  ({
    kind: 'pollinated',
    body: {
      ...{ bloom: COHORT, plant: 'p1', donors: [{ plant, bloom: '' }], found: 'open' },
      ...{ method: 'maleFlower', shutAgain: false, tagged: false },
      ...(count === undefined ? { application: 2 } : { count }),
    },
  }) as Fact;
const tagged: Fact = { kind: 'tagged', body: { bloom: 'K001', of: COHORT, plant: 'p1', code: 'K001' } };
const looked = (growing: number, of: number): Fact => ({
  kind: 'looked',
  body: { bloom: COHORT, seen: growing > 0 ? 'growing' : 'gone', growing, of },
});

/** Three squash flowers that were counted; on the day after one of them got a tag. */
function oneOfThree(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] }]);
  phone.say(at(19), pollinated(3, 'p2'));
  phone.say(at(20), tagged);
  return phone;
}
const bloom = ({ journal }: Phone, id: string) => journal.all('bloom').get(id)!;
const fates = (phone: Phone, id: string): string[] =>
  fruitOf(phone.journal, YARD, '2026-07-29', bloom(phone, id))!
    .histories.map(({ failed, lastGrowing }) =>
      failed !== undefined ? `failed ${failed}` : `growing ${lastGrowing}`,
    )
    .sort();

test('of those without a tag all grow: none of them has dropped', () => {
  const phone = oneOfThree();
  phone.say(at(23), looked(2, 2));
  expect(fates(phone, COHORT)).toEqual(['growing 4', 'growing 4']);
});

test('none of those without a tag grows: the one that has a tag is looked at by itself', () => {
  const phone = oneOfThree();
  phone.say(at(23), { kind: 'looked', body: { bloom: 'K001', seen: 'growing' } });
  phone.say(at(24), looked(0, 2));
  expect(fates(phone, COHORT)).toEqual(['failed 5', 'failed 5']);
  expect(fates(phone, 'K001')).toEqual(['growing 4']);
});

test('all of those without a tag grow: the one that has a tag and failed does not come back', () => {
  const phone = oneOfThree();
  phone.say(at(23), { kind: 'looked', body: { bloom: 'K001', seen: 'gone' } });
  phone.say(at(24), looked(2, 2));
  expect(fates(phone, 'K001')).toEqual(['failed 4']);
});

test('a look before the tag was at all of them', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] }]);
  phone.say(at(19), pollinated(3, 'p2'));
  phone.say(at(23), looked(2, 3));
  phone.say(at(24), tagged);
  phone.say(at(24, '05:01'), { kind: 'looked', body: { bloom: 'K001', seen: 'growing' } });
  expect(fates(phone, COHORT)).toEqual(['failed 4', 'growing 4']);
  const none = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] }]);
  none.say(at(19), pollinated(3, 'p2'));
  none.say(at(23), looked(3, 3));
  none.say(at(24), tagged);
  expect(fates(none, 'K001')).toEqual(['growing 4']);
});

test('some that were picked to eat have set and are gone: the others are counted on, and none of it is a failure', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', purpose: 'eat', plants: ['p1', 'p2', 'p3'] }]);
  phone.say(at(19), pollinated(3, 'p2'));
  const fruit = () => fruitOf(phone.journal, YARD, '2026-07-29', bloom(phone, COHORT))!;
  const said = () =>
    fruit().histories.map(({ failed, lastGrowing, harvested: day }) => ({ failed, lastGrowing, day }));
  phone.say(at(23), looked(3, 3));
  phone.say(at(24), pickedToEat(COHORT, 1));
  // Of the two that are left one grows.
  phone.say(at(25), looked(1, 3));
  expect(said()).toEqual([
    { failed: undefined, lastGrowing: 4, day: 5 },
    { failed: undefined, lastGrowing: 6, day: undefined },
    { failed: 6, lastGrowing: 4, day: undefined },
  ]);
  phone.say(at(26), pickedToEat(COHORT, 1));
  expect(said()[1]).toEqual({ failed: undefined, lastGrowing: 6, day: 7 });
  const rates = fruitSetRates(fruit().histories);
  expect(rates).toMatchObject({ pollinated: 3, set: { hits: 2, of: 3 } });
  // One more that was taken off is the next of those that grew.
  const thin = phone.say(at(26, '06:00'), {
    kind: 'removed',
    body: { bloom: COHORT, how: 'thinned', count: 1 },
  });
  expect(fruit().histories.map(({ ended }) => ended?.how)).toEqual([undefined, undefined, 'thinned']);
  // More than there are changes nothing.
  phone.say(at(27), { kind: 'struck', body: { target: thin[0]!.id } }, pickedToEat(COHORT, 9));
  expect(said().every(({ day }) => day !== undefined)).toBe(true);
});

test('pollen that the others got after the tag is none of hers', () => {
  const phone = oneOfThree();
  phone.say(at(21), pollinated(undefined, 'p3'));
  expect(fatherPlants(withCohortHistory(phone.journal, bloom(phone, 'K001')))).toEqual(['p2']);
  expect(fatherPlants(bloom(phone, COHORT))).toEqual(['p2', 'p3']);
});
