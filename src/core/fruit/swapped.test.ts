import { begin, Phone, statesOf, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { Journal } from '../journal/journal';
import { purityOf } from '../purity/purityOf';
import { addDays } from '../time/calendar';
import { mayBeSwapped, tagsSwapped } from './swapped';

const D = '2026-07-19';
const at = (after: number, clock = '05:00'): string => `${addDays(D, after)}T${clock}:00Z`;

/** Two clean fruits and one that an insect was in. */
function three(): Phone {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2', 'p3', 'p9'] }]);
  const covered = (plant: string, bloom: string, sex: 'female' | 'male'): Fact => ({
    kind: 'covered',
    body: {
      plant,
      day: D,
      method: 'tape',
      blooms: [{ bloom, sex, code: sex === 'male' ? '' : `K${bloom}` }],
    },
  });
  phone.say(
    at(-1, '18:00'),
    covered('p1', 'a', 'female'),
    covered('p2', 'b', 'female'),
    covered('p3', 'c', 'female'),
    covered('p9', 'm', 'male'),
  );
  const pollinated = (plant: string, bloom: string, found: 'shut' | 'insect'): Fact => ({
    kind: 'pollinated',
    body: {
      ...{ bloom, plant, donors: [{ plant: 'p9', bloom: 'm' }], found },
      ...{ method: 'maleFlower', shutAgain: true, tagged: true },
    },
  });
  phone.say(
    at(0),
    pollinated('p1', 'a', 'shut'),
    pollinated('p2', 'b', 'shut'),
    pollinated('p3', 'c', 'insect'),
  );
  return phone;
}

const bloom = ({ journal }: Phone, id: string) => journal.all('bloom').get(id)!;
const grade = (phone: Phone, id: string) => purityOf(phone.journal, YARD, bloom(phone, id))!.grade;
const swap = (phone: Phone, one: string, other: string): void =>
  void phone.say(at(9), ...tagsSwapped(bloom(phone, one), bloom(phone, other)));

test('each goes by the tag that hangs on it, and the seed of both is doubtful', () => {
  const phone = three();
  expect(grade(phone, 'a')).toBe('true');
  swap(phone, 'a', 'b');
  expect(['a', 'b'].map((id) => bloom(phone, id).code)).toEqual(['Kb', 'Ka']);
  expect(['a', 'b', 'c'].map((id) => grade(phone, id))).toEqual(['doubtful', 'doubtful', 'notForSeed']);
  // Swapped back, nobody can be sure all the same.
  swap(phone, 'a', 'b');
  expect(['a', 'b'].map((id) => bloom(phone, id).code)).toEqual(['Ka', 'Kb']);
  expect(grade(phone, 'a')).toBe('doubtful');
});

test('swapped with one whose seed is not to be kept, it may be that one', () => {
  const phone = three();
  swap(phone, 'a', 'c');
  expect([grade(phone, 'a'), grade(phone, 'c'), grade(phone, 'b')]).toEqual([
    'notForSeed',
    'notForSeed',
    'true',
  ]);
  const { chain } = purityOf(phone.journal, YARD, bloom(phone, 'a'))!;
  expect(chain.find(({ link }) => link === 'tag')!.reasons[0]!.code).toBe('tag.swappedWithBad');
});

test('two phones that say the same say it once, in whatever order it arrives', () => {
  const [a, b] = [three(), new Phone('b')];
  b.hear(a);
  swap(a, 'a', 'b');
  swap(b, 'a', 'b');
  a.hear(b);
  b.hear(a);
  expect(bloom(a, 'a').code).toBe('Kb');
  expect(statesOf(b.journal)).toEqual(statesOf(a.journal));
  const backwards = new Journal();
  for (const entry of [...a.journal.entries()].reverse()) backwards.add([entry]);
  expect(statesOf(backwards)).toEqual(statesOf(a.journal));
});

test('those of its plant come first, and no male, untagged or faraway one at all', () => {
  const phone = three();
  expect(mayBeSwapped(phone.journal, bloom(phone, 'a')).map((each) => each.code)).toEqual(['Kb', 'Kc']);
  phone.say(at(89, '18:00'), {
    kind: 'covered',
    body: {
      plant: 'p1',
      day: addDays(D, 90),
      method: 'tape',
      blooms: [{ bloom: 'late', sex: 'female', code: 'KL' }],
    },
  });
  expect(mayBeSwapped(phone.journal, bloom(phone, 'a'))).toHaveLength(2);
  expect(mayBeSwapped(phone.journal, bloom(phone, 'm'))).toEqual([]);
});
