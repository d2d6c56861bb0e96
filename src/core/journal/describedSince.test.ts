import { begin, type Phone } from '@testing/yard';
import { describedSince, type Since } from './describedSince';
import { gardenOn, gardensOf } from './past';

const BED = { bed: 'bed-v', name: 'v', length: 8, width: 1, rows: 1, turn: 0 };
const at = (x: number) => ({ ...BED, x, y: 0 });

const told = (phone: Phone, when: string, x: number, since: Since | undefined): void => {
  const today = when.slice(0, 10);
  phone.say(when, describedSince(phone.journal, 'bed.laid', at(x), { id: 'bed-v', since, today }));
};
const places = (phone: Phone, day: string): number[] =>
  gardensOf(phone.journal, day).map((then) => then.all('bed').get('bed-v')!.x);

test('a bed that is laid elsewhere: from a day on, as a mistake put right, or either', () => {
  const begun = (): Phone => {
    const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1'] }]);
    told(phone, '2026-05-02T09:00:00Z', 5, 'always');
    return phone;
  };
  const moved = begun();
  told(moved, '2026-08-01T09:00:00Z', 9, 'today');
  expect([places(moved, '2026-07-31'), places(moved, '2026-08-01')]).toEqual([[5], [9]]);
  expect(moved.journal.all('bed').get('bed-v')).not.toHaveProperty('since');

  const mistaken = begun();
  told(mistaken, '2026-08-01T09:00:00Z', 9, 'always');
  expect(places(mistaken, '2026-07-31')).toEqual([9]);

  const unsaid = begun();
  told(unsaid, '2026-08-01T09:00:00Z', 9, undefined);
  expect(new Set(places(unsaid, '2026-07-31'))).toEqual(new Set([5, 9]));

  // A mistake in what is so since a day: before that it is as it was.
  told(moved, '2026-08-10T09:00:00Z', 7, 'always');
  expect([places(moved, '2026-07-31'), places(moved, '2026-08-01')]).toEqual([[5], [7]]);
  expect(gardenOn(moved.journal, '2026-09-01').all('bed').get('bed-v')!.x).toBe(7);
});

test('what is described for the first time needs no answer', () => {
  const phone = begin([]);
  const body = { ...at(1), bed: 'new' };
  const options = { id: 'new', since: 'always', today: '2026-07-01' } as const;
  expect(describedSince(phone.journal, 'bed.laid', body, options)).toEqual({ kind: 'bed.laid', body });
});

test('a name that is changed after a bed was laid elsewhere leaves that change its day', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['v1'] }]);
  told(phone, '2026-05-02T09:00:00Z', 5, 'always');
  told(phone, '2026-08-01T09:00:00Z', 9, 'today');
  const body = { ...at(9), name: 'Top bed' };
  const options = { id: 'bed-v', since: 'same', today: '2026-08-10' } as const;
  phone.say('2026-08-10T09:00:00Z', describedSince(phone.journal, 'bed.laid', body, options));
  expect([places(phone, '2026-07-31'), places(phone, '2026-08-01')]).toEqual([[5], [9]]);
  expect(phone.journal.all('bed').get('bed-v')!.name).toBe('Top bed');
});
