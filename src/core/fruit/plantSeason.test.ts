import { begin, YARD } from '@testing/yard';
import type { Fact } from '../journal/entry';
import { plantSeason } from './plantSeason';

const pollinated = (bloom: string, plant: string, father: string): Fact => ({
  kind: 'pollinated',
  body: {
    ...{ bloom, plant, day: '2026-07-10', donors: [{ plant: father, bloom: '' }], found: 'open' },
    ...{ method: 'maleFlower', shutAgain: false, tagged: false },
  },
});
const looked = (bloom: string, seen: 'growing' | 'gone'): Fact => ({ kind: 'looked', body: { bloom, seen } });

test('a plant’s flowers, its load, how they set, and its pollen on others', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2', 'p3'] }]);
  phone.say(
    '2026-07-10T06:00:00Z',
    pollinated('a', 'p1', 'p2'),
    pollinated('b', 'p1', 'p1'),
    pollinated('c', 'p2', 'p1'),
    pollinated('d', 'p3', 'p2'),
  );
  phone.say('2026-07-18T06:00:00Z', looked('a', 'growing'), looked('b', 'gone'), looked('c', 'growing'));
  const season = plantSeason(phone.journal, YARD, 'p1', '2026-07-19');
  expect(season.fruits.map(({ bloom }) => bloom.bloom).sort()).toEqual(['a', 'b']);
  expect(season.rates.set).toMatchObject({ hits: 1, of: 2 });
  expect(season.load).toMatchObject({ growing: 1, young: 0 });
  // Its own flower is none that it fathered elsewhere.
  expect(season.fathered.map(({ bloom }) => bloom.bloom)).toEqual(['c']);
  expect(season.fatheredRates.set).toMatchObject({ hits: 1, of: 1 });
});

test('of a plant without any flower nothing is known', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1'] }]);
  const { fruits, load, rates } = plantSeason(phone.journal, YARD, 'p1', '2026-07-19');
  expect([fruits, load, rates.pollinated]).toEqual([[], undefined, 0]);
});
