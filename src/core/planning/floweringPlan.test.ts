import { livedSeason } from '@testing/seasons';
import { begin as beginYard, YARD } from '@testing/yard';
import { Journal } from '../journal/journal';
import { daysBetween } from '../time/calendar';
import { floweringsOf, mayCross, sharedSpans, sowingFor, type Flowering } from './floweringPlan';
import { gardenPlan } from './gardenPlan';

const TODAY = '2026-07-18';
const journal = new Journal();
journal.add(livedSeason('demo'));
const garden = journal.all('garden').get('')!;
const { varieties } = gardenPlan(journal, garden, TODAY);
const flowering = floweringsOf(varieties, journal.all('outside').values());

const bloom = (id: string, group: string, from: string, to: string): Flowering => ({
  id,
  variety: id,
  name: id,
  group,
  span: [`2026-07-${from}`, `2026-07-${to}`],
  seen: true,
});

test('all that flowers is listed, crossing groups together, the earliest of each first', () => {
  expect(flowering).toHaveLength(
    varieties.filter((each) => each.flowering).length +
      [...journal.all('outside').values()].filter((each) => each.flowering).length,
  );
  const groups = flowering.map(({ group }) => group);
  expect(groups.filter((group, i) => group !== groups[i - 1])).toHaveLength(new Set(groups).size);
  for (const [i, { group, span }] of flowering.entries()) {
    const before = flowering[i - 1];
    if (before?.group === group) expect(before.span[0] <= span[0]).toBe(true);
  }
});

test('two of a group share the days on which both flower, both counted', () => {
  const a = bloom('a', 'pepo', '01', '10');
  const b = bloom('b', 'pepo', '10', '20');
  const c = bloom('c', 'pepo', '11', '12');
  const d = bloom('d', 'maxima', '01', '31');
  const all = [a, b, c, d];
  expect(sharedSpans(a, all)).toEqual([['2026-07-10', '2026-07-10']]);
  // The day shared with the one, and those shared with the next.
  expect(sharedSpans(b, all)).toEqual([['2026-07-10', '2026-07-12']]);
  expect(sharedSpans(d, all)).toEqual([]);
  expect(mayCross(a, a)).toBe(false);
});

test('a sowing found flowers as was wished, and no wish is granted out of season', () => {
  const other = flowering.find(({ group }) => group === 'corn')!;
  const planned = varieties.find(({ variety }) => variety.variety !== other.id)!;
  const wanted = { planned, other, daysApart: 7, today: TODAY } as const;
  const after = sowingFor(journal, garden, { ...wanted, wish: 'after' })!;
  expect(daysBetween(other.span[1], after.first)).toBeGreaterThanOrEqual(7);
  const together = sowingFor(journal, garden, { ...wanted, wish: 'together' })!;
  expect(Math.abs(daysBetween(other.span[0], together.first))).toBeLessThanOrEqual(3);
  const longPast: Flowering = { ...other, span: ['2020-07-01', '2020-07-05'] };
  expect(sowingFor(journal, garden, { ...wanted, other: longPast, wish: 'before' })).toBeUndefined();
});

test('in the south a summer is sown for over New Year, and never on a day that has passed', () => {
  const south = { ...YARD, latitude: -36.8, longitude: 174.7, zone: 'Pacific/Auckland' };
  const phone = beginYard(['a', 'b'].map((variety) => ({ variety, crop: 'corn', plants: [`${variety}1`] })));
  const [planned] = gardenPlan(phone.journal, south, '2026-11-05').varieties;
  const other: Flowering = { ...bloom('b', 'corn', '01', '02'), span: ['2027-01-25', '2027-02-05'] };
  for (const today of ['2026-11-05', '2027-01-05'] as const) {
    const found = sowingFor(phone.journal, south, {
      ...{ planned: planned!, other, daysApart: 14, wish: 'after', today },
    });
    expect(found!.day >= today).toBe(true);
    expect(daysBetween(other.span[1], found!.first)).toBeGreaterThanOrEqual(14);
  }
});
