import { begin } from '@testing/yard';
import { lastPlaces, rowKey } from './places';

test('the last place of a row is the end of its last stand, whichever was set last', () => {
  const phone = begin([{ variety: 'v', crop: 'corn', plants: ['p1', 'p2'] }]);
  const at = phone.own[0]!.at;
  phone.say(at, {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 1, variety: 'v', plants: [{ plant: 'stand', place: 3, count: 5 }] },
  });
  phone.say(at, {
    kind: 'plants.set',
    body: { bed: 'bed-v', row: 2, variety: 'v', plants: [{ plant: 'single', place: 2 }] },
  });
  expect(lastPlaces(phone.journal.all('plant').values())).toEqual(
    new Map([
      [rowKey({ bed: 'bed-v', row: 1 }), 7],
      [rowKey({ bed: 'bed-v', row: 2 }), 2],
    ]),
  );
});
