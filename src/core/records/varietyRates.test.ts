import { livedSeason } from '@testing/seasons';
import { fruitsOf } from '../fruit/fruits';
import { Journal } from '../journal/journal';
import { seasonAt } from '../season/seasons';
import { groupBy } from '../text/groupBy';
import { varietyRates } from './varietyRates';

const DAY = '2026-07-18';
const journal = new Journal();
journal.add(livedSeason('demo'));
const fruits = fruitsOf(journal, journal.all('garden').get('')!, DAY, seasonAt(journal, DAY));

test('a variety’s rates name its plants in the order of their places, and count each of its flowers once', () => {
  for (const own of groupBy(fruits, ({ variety }) => variety.variety).values()) {
    const { variety, rates, looks, plants } = varietyRates(journal, own);
    expect(variety).toBe(own[0]!.variety);
    expect(rates.pollinated).toBe(looks.length);
    const numbers = plants.map(({ label }) => Number(/\d+$/.exec(label)));
    expect(plants.map(({ plant }) => plant)).toHaveLength(new Set(own.map(({ bloom }) => bloom.plant)).size);
    if (new Set(plants.map(({ label }) => label.replace(/\d+$/, ''))).size === 1)
      expect(numbers).toEqual(numbers.toSorted((a, b) => a - b));
    const counted = plants.reduce((sum, { set }) => sum + set.of, 0);
    expect(counted).toBe(rates.set.of);
  }
});
