import * as fc from 'fast-check';
import { isolationReports, type GrownVariety, type IsolationReport, type OutsideSource } from './isolation';
import { CROP_IDS } from '../crops/catalogue';

const grown = (id: string, change: Partial<GrownVariety> = {}): GrownVariety => ({
  id,
  crop: 'pepo',
  purpose: 'seedToKeep',
  places: [{ x: 0, y: 0 }],
  ...change,
});
const source = (id: string, change: Partial<OutsideSource> = {}): OutsideSource => ({
  id,
  crop: 'pepo',
  middle: { x: 0, y: 1000 },
  radius: 0,
  plants: 20,
  sure: 'seen',
  ...change,
});
const report = (
  varieties: readonly GrownVariety[],
  outside: readonly OutsideSource[] = [],
  of = varieties[0]!.id,
): IsolationReport =>
  isolationReports({ varieties, outside, barriers: [], ground: 'mixed' }).find(
    ({ variety }) => variety === of,
  )!;

test('two of a species side by side endanger each other, and can be covered, caged or left out', () => {
  const both = [grown('A'), grown('B', { places: [{ x: 8, y: 6 }] })];
  for (const id of ['A', 'B']) {
    const { verdict, dangers, wanted, ways } = report(both, [], id);
    expect(verdict).toBe('tooNear');
    expect(wanted).toBe(600);
    expect(dangers).toMatchObject([
      { where: 'garden', metres: 10, guarded: 'no', crossing: { how: 'freely' } },
    ]);
    expect(ways.map(({ way }) => way)).toEqual(['coverAndHand', 'cage', 'alternateCages', 'leaveOut']);
  }
});

test('a pair that only looks risky: a pumpkin of another species', () => {
  expect(report([grown('A'), grown('B', { crop: 'maxima' })]).verdict).toBe('alone');
});

test('species that cross rarely are to be watched, and come after those that cross freely', () => {
  const cheese = grown('cheese', { crop: 'moschata' });
  const cushaw = grown('cushaw', { crop: 'argyrosperma', places: [{ x: 1, y: 0 }] });
  expect(report([cheese, cushaw])).toMatchObject({ verdict: 'watch', dangers: [{ id: 'cushaw' }] });
  const other = grown('other', { crop: 'moschata', places: [{ x: 90, y: 0 }] });
  const { verdict, dangers } = report([cheese, cushaw, other]);
  expect(verdict).toBe('tooNear');
  expect(dangers.map(({ id }) => id)).toEqual(['other', 'cushaw']);
});

test('distance is to the edge of a field, and far enough is guarded', () => {
  const near = report([grown('A')], [source('field', { middle: { x: 0, y: 700 }, radius: 200 })]);
  expect(near).toMatchObject({ verdict: 'tooNear', dangers: [{ metres: 500, where: 'outside' }] });
  expect(near.ways[0]).toEqual({ way: 'askNeighbour', cost: 'asking', about: ['field'] });
  const far = report([grown('A')], [source('field', { middle: { x: 0, y: 900 }, radius: 200 })]);
  expect(far).toMatchObject({ verdict: 'guarded', dangers: [{ guarded: 'byDistance' }], ways: [] });
  expect(report([grown('A')], [source('round', { radius: 5000 })]).dangers[0]!.metres).toBe(0);
});

test('nothing is asked of what is only eaten', () => {
  const both = [grown('A', { purpose: 'eat' }), grown('B')];
  expect(report(both)).toMatchObject({ verdict: 'nothingAsked', wanted: 0, ways: [] });
});

const corn = (
  id: string,
  kernel: 'sweet' | 'pop' | 'starchy',
  change: Partial<GrownVariety> = {},
): GrownVariety => grown(id, { crop: 'corn', kernel, purpose: 'eat', ...change });

// Corn kernels are changed at once; one's last shed against the other's first silk by fourteen days suits uniform
// varieties (common practice, no source).
test('sweet corn that is only eaten minds a neighbour’s field corn, and field corn minds nothing', () => {
  const both = [corn('sweet', 'sweet'), corn('dent', 'starchy', { places: [{ x: 30, y: 0 }] })];
  expect(report(both)).toMatchObject({ verdict: 'tooNear', dangers: [{ crossing: { thisYear: 'spoils' } }] });
  expect(report(both).ways.map(({ way }) => way)).toContain('stagger');
  expect(report(both, [], 'dent').verdict).toBe('alone');
});

test('two corns are kept apart by fourteen days between their flowerings, not by thirteen', () => {
  const early = corn('early', 'sweet', { flowering: ['2026-07-01', '2026-07-10'] });
  const late = (first: string): GrownVariety =>
    corn('late', 'pop', { flowering: [first, '2026-08-20'], places: [{ x: 5, y: 0 }] });
  expect(report([early, late('2026-07-24')])).toMatchObject({
    verdict: 'guarded',
    dangers: [{ daysApart: 14, guarded: 'byTime' }],
  });
  expect(report([early, late('2026-07-23')])).toMatchObject({
    verdict: 'tooNear',
    dangers: [{ daysApart: 13 }],
  });
  expect(
    report([early, corn('late', 'pop', { places: [{ x: 5, y: 0 }] })]).dangers[0]!.daysApart,
  ).toBeUndefined();
});

test('tomatoes can simply be moved a few metres', () => {
  const both = [grown('A', { crop: 'tomato' }), grown('B', { crop: 'tomato', places: [{ x: 2, y: 0 }] })];
  expect(report(both).ways).toContainEqual({ way: 'moveAway', cost: 'room', about: ['B'], amount: 9 });
  expect(report(both).ways[0]!.way).toBe('bagFlowers');
});

test('a variety without plants has no dangers yet, and endangers none', () => {
  const both = [grown('A'), grown('B', { places: [] })];
  expect(report(both).verdict).toBe('alone');
  expect(report(both, [], 'B').verdict).toBe('alone');
});

const place = fc.record({ x: fc.double({ min: 0, max: 900, noNaN: true }), y: fc.constant(0) });
const variety = fc.record({
  species: fc.constantFrom(...CROP_IDS),
  places: fc.array(place, { minLength: 1, maxLength: 4 }),
});

test('danger by distance is mutual between varieties grown for the same', () => {
  fc.assert(
    fc.property(fc.array(variety, { minLength: 2, maxLength: 6 }), (some) => {
      const varieties = some.map(({ species, places }, i) => grown(String(i), { crop: species, places }));
      const reports = isolationReports({ varieties, outside: [], barriers: [], ground: 'open' });
      for (const { variety: id, dangers } of reports) {
        for (const danger of dangers) {
          const back = reports.find((each) => each.variety === danger.id)!.dangers.find((d) => d.id === id);
          expect(back?.metres).toBe(danger.metres);
          expect(back?.crossing.how).toBe(danger.crossing.how);
        }
      }
    }),
  );
});
