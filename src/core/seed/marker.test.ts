import { extracted, growSeedFruit, sownFrom } from '@testing/seedFruit';
import { begin, type Phone } from '@testing/yard';
import { lotDescent } from './descent';
import { markerOf, markerOnPlant } from './marker';

/** A cross of two squashes, its seed sown a year later, beside plants of the mother's own seed. */
function garden(marker?: string): Phone {
  const phone = begin([
    { variety: 'm', crop: 'pepo', plants: ['M'] },
    { variety: 'f', crop: 'pepo', plants: ['F'] },
  ]);
  phone.say('2026-07-01T09:00:00Z', {
    kind: 'mating.set',
    body: {
      ...{ mating: 'x', mother: 'm', father: 'f', from: '2026-07-01', ...(marker && { marker }) },
      ...({ purpose: 'seedForFun', ownPollen: 'never' } as const),
    },
  });
  growSeedFruit(phone, { bloom: 'c', plant: 'M', fathers: ['F'], day: '2026-07-19', picked: '2026-09-20' });
  growSeedFruit(phone, { bloom: 's', plant: 'F', fathers: ['F'], day: '2026-07-19', picked: '2026-09-20' });
  phone.say('2026-10-20T09:00:00Z', extracted('cross', '2026-10-20', [{ bloom: 'c' }]));
  phone.say('2026-10-20T09:00:00Z', extracted('self', '2026-10-20', [{ bloom: 's' }]));
  const sown = (lot: string, variety: string, plant: string, bed: string) =>
    sownFrom(lot, { year: 2027, variety, seedSource: 'ownGuarded', plants: [plant], bed });
  phone.say(
    '2027-05-10T09:00:00Z',
    ...sown('cross', 'm', 'x1', 'bed-m'),
    ...sown('self', 'f', 'f1', 'bed-f'),
  );
  return phone;
}

test('plants of the F1 have something to show, those of a line and the parents have not', () => {
  const { journal } = garden('a striped stem');
  expect(markerOf(journal, lotDescent(journal, 'cross'))).toBe('a striped stem');
  expect(markerOf(journal, lotDescent(journal, 'self'))).toBeUndefined();
  expect(['x1', 'f1', 'M', 'F', 'nobody'].map((plant) => markerOnPlant(journal, plant))).toEqual([
    'a striped stem',
    ...[undefined, undefined, undefined, undefined],
  ]);
});

test('where nobody said so, nothing is asked', () => {
  const { journal } = garden();
  expect(markerOnPlant(journal, 'x1')).toBeUndefined();
});
