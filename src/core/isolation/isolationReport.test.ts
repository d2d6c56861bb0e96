import * as fc from 'fast-check';
import { isolationReports, type IsolationReport } from './isolationReport';
import type { BarrierStretch } from '../garden/surroundings';
import type { GrownVariety, OutsideSource } from './question';
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
  certainty: 'seen',
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

test('two of a species next to each other are at risk, and can be covered, caged or left out', () => {
  const both = [grown('A'), grown('B', { places: [{ x: 8, y: 6 }] })];
  for (const id of ['A', 'B']) {
    const { verdict, risks, requiredMetres, methods } = report(both, [], id);
    expect(verdict).toBe('tooClose');
    expect(requiredMetres).toBe(600);
    expect(risks).toMatchObject([
      { where: 'garden', metres: 10, isolatedBy: 'nothing', compatibility: { frequency: 'freely' } },
    ]);
    expect(methods.map(({ method }) => method)).toEqual([
      'coverAndHandPollinate',
      'cage',
      'alternateCages',
      'growOnlyOne',
    ]);
  }
});

test('a pair that only looks risky: a pumpkin of another species', () => {
  expect(report([grown('A'), grown('B', { crop: 'maxima' })]).verdict).toBe('noRisk');
});

test('species that cross rarely come after those that cross freely', () => {
  const cheese = grown('cheese', { crop: 'moschata' });
  const cushaw = grown('cushaw', { crop: 'argyrosperma', places: [{ x: 1, y: 0 }] });
  expect(report([cheese, cushaw])).toMatchObject({ verdict: 'rareOnly', risks: [{ id: 'cushaw' }] });
  const other = grown('other', { crop: 'moschata', places: [{ x: 90, y: 0 }] });
  const { verdict, risks } = report([cheese, cushaw, other]);
  expect(verdict).toBe('tooClose');
  expect(risks.map(({ id }) => id)).toEqual(['other', 'cushaw']);
});

test('distance is measured to the edge of a field, and far enough is isolated', () => {
  const near = report([grown('A')], [source('field', { middle: { x: 0, y: 700 }, radius: 200 })]);
  expect(near).toMatchObject({ verdict: 'tooClose', risks: [{ metres: 500, where: 'outside' }] });
  expect(near.methods[0]).toEqual({ method: 'askNeighbour', cost: 'asking', about: ['field'] });
  const far = report([grown('A')], [source('field', { middle: { x: 0, y: 900 }, radius: 200 })]);
  expect(far).toMatchObject({ verdict: 'isolated', risks: [{ isolatedBy: 'distance' }], methods: [] });
  expect(report([grown('A')], [source('round', { radius: 5000 })]).risks[0]!.metres).toBe(0);
});

test('what is only eaten needs nothing', () => {
  const both = [grown('A', { purpose: 'eat' }), grown('B')];
  // Nobody wants to know what its seed would be.
  expect(report(both).outcrossing).toBeUndefined();
  expect(report(both, [], 'B').outcrossing!.share).toBeGreaterThan(0);
  expect(report(both)).toMatchObject({ verdict: 'notRequired', requiredMetres: 0, methods: [] });
});

const corn = (
  id: string,
  endosperm: 'sweet' | 'pop' | 'starchy',
  change: Partial<GrownVariety> = {},
): GrownVariety => grown(id, { crop: 'corn', endosperm, purpose: 'eat', ...change });

// Corn kernels are changed at once; one's last shed against the other's first silk by fourteen days suits uniform
// varieties (common practice, no source).
test('sweet corn that is only eaten is at risk from field corn, and field corn from nothing', () => {
  const both = [corn('sweet', 'sweet'), corn('dent', 'starchy', { places: [{ x: 30, y: 0 }] })];
  expect(report(both)).toMatchObject({
    verdict: 'tooClose',
    risks: [{ compatibility: { xenia: 'spoils' } }],
  });
  expect(report(both).methods.map(({ method }) => method)).toContain('timeIsolation');
  expect(report(both, [], 'dent').verdict).toBe('noRisk');
});

test('two corns are isolated by fourteen days between their flowerings, not by thirteen', () => {
  const early = corn('early', 'sweet', { flowering: ['2026-07-01', '2026-07-10'] });
  const late = (first: string): GrownVariety =>
    corn('late', 'pop', { flowering: [first, '2026-08-20'], places: [{ x: 5, y: 0 }] });
  expect(report([early, late('2026-07-24')])).toMatchObject({
    verdict: 'isolated',
    risks: [{ daysApart: 14, isolatedBy: 'time' }],
  });
  expect(report([early, late('2026-07-23')])).toMatchObject({
    verdict: 'tooClose',
    risks: [{ daysApart: 13 }],
  });
  expect(
    report([early, corn('late', 'pop', { places: [{ x: 5, y: 0 }] })]).risks[0]!.daysApart,
  ).toBeUndefined();
});

test('tomatoes can simply be moved a few metres', () => {
  const both = [grown('A', { crop: 'tomato' }), grown('B', { crop: 'tomato', places: [{ x: 2, y: 0 }] })];
  expect(report(both).methods).toContainEqual({ method: 'moveAway', cost: 'space', about: ['B'], amount: 9 });
  expect(report(both).methods[0]!.method).toBe('bagFlowers');
});

test('a variety without plants has no risks yet, and is none', () => {
  const both = [grown('A'), grown('B', { places: [] })];
  expect(report(both).verdict).toBe('noRisk');
  expect(report(both, [], 'B').verdict).toBe('noRisk');
});

const place = fc.record({ x: fc.double({ min: 0, max: 900, noNaN: true }), y: fc.constant(0) });
const variety = fc.record({
  species: fc.constantFrom(...CROP_IDS),
  places: fc.array(place, { minLength: 1, maxLength: 4 }),
});

test('risk by distance is mutual between varieties grown for the same purpose', () => {
  fc.assert(
    fc.property(fc.array(variety, { minLength: 2, maxLength: 6 }), (some) => {
      const varieties = some.map(({ species, places }, i) => grown(String(i), { crop: species, places }));
      const reports = isolationReports({ varieties, outside: [], barriers: [], ground: 'open' });
      for (const { variety: id, risks } of reports) {
        for (const risk of risks) {
          const back = reports.find((each) => each.variety === risk.id)!.risks.find((d) => d.id === id);
          expect(back?.metres).toBe(risk.metres);
          expect(back?.compatibility.frequency).toBe(risk.compatibility.frequency);
        }
      }
    }),
  );
});

test('a flowering of another season isolates nobody by time', () => {
  const near = (first: string, last: string): GrownVariety =>
    grown('B', { places: [{ x: 4, y: 0 }], flowering: [first, last] });
  const now = grown('A', { flowering: ['2026-07-10', '2026-08-20'] });
  const unknown = report([now, grown('B', { places: [{ x: 4, y: 0 }] })]);
  const lastYear = report([now, near('2025-07-10', '2025-08-20')]);
  expect(lastYear).toEqual(unknown);
  expect(lastYear).toMatchObject({ verdict: 'tooClose', risks: [{ daysApart: undefined }] });
  const patch = source('patch', { middle: { x: 4, y: 0 }, flowering: ['2025-08-01', '2025-09-25'] });
  expect(report([now], [patch])).toMatchObject({ verdict: 'tooClose', risks: [{ isolatedBy: 'nothing' }] });
  expect(report([now, near('2026-09-10', '2026-10-01')])).toMatchObject({ verdict: 'isolated' });
});

test('what sheds no pollen endangers nobody; an all-female line has another father for all its seed', () => {
  const seeded = grown('seeded', { crop: 'watermelon' });
  const seedless = grown('seedless', { crop: 'watermelon', seedless: true, places: [{ x: 2, y: 0 }] });
  expect(report([seeded, seedless])).toMatchObject({ verdict: 'noRisk', outcrossing: { share: 0 } });
  const female = grown('female', { crop: 'cucumber', gynoecious: true });
  const father = grown('father', { crop: 'cucumber', places: [{ x: 300, y: 0 }] });
  expect(report([female, father]).outcrossing!.share).toBeCloseTo(1, 12);
  expect(report([female, father], [], 'father').verdict).toBe('noRisk');
});

// Cucumbers that set without pollen become bulbous, seedy and bitter with it (common practice, no source).
test('a cucumber grown to eat that sets without pollen is told of pollen near by', () => {
  const cucumber = grown('A', { crop: 'cucumber', purpose: 'eat', parthenocarpic: true });
  const other = grown('B', { crop: 'cucumber', purpose: 'eat', places: [{ x: 2, y: 0 }] });
  const { verdict, methods, reasons } = report([cucumber, other]);
  expect(verdict).toBe('tooClose');
  expect(reasons[0]!.code).toBe('spoiltByPollen');
  expect(methods.map(({ method }) => method)).toEqual(['netAgainstInsects', 'growOnlyOne']);
  expect(report([cucumber, other], [], 'B').verdict).toBe('notRequired');
});

test('a barrier counts between the plants it stands between, not between the middles of beds', () => {
  const building = { sort: 'building', from: { x: 5, y: -1 }, to: { x: 5, y: 1 } } as const;
  const asked = (
    own: GrownVariety,
    other: GrownVariety,
    ...barriers: readonly BarrierStretch[]
  ): IsolationReport =>
    isolationReports({ varieties: [own, other], outside: [], barriers, ground: 'mixed' })[0]!;
  // The middles look at each other across the building; no two plants do.
  const spread = grown('A', {
    places: [
      { x: 0, y: -20 },
      { x: 0, y: 20 },
    ],
  });
  const ends = grown('B', {
    places: [
      { x: 10, y: -20 },
      { x: 10, y: 20 },
    ],
  });
  const short = { ...building, from: { x: 5, y: -0.1 }, to: { x: 5, y: -0.05 } };
  const free = asked(spread, ends);
  expect(asked(spread, ends, short).risks[0]!.metres).toBe(free.risks[0]!.metres);
  expect(asked(spread, ends, short).outcrossing!.share).toBeCloseTo(free.outcrossing!.share, 12);
  // The near plants have it between them, the middles do not.
  const row = grown('A', {
    places: [
      { x: 0, y: 0 },
      { x: 0, y: 60 },
    ],
  });
  const opposite = grown('B', {
    places: [
      { x: 10, y: 0 },
      { x: 40, y: 60 },
    ],
  });
  const behind = asked(row, opposite, building);
  expect(behind.risks[0]).toMatchObject({ metres: 10, barriers: ['building'], requiredMetres: 420 });
  expect(behind.outcrossing!.share).toBeLessThan(asked(row, opposite).outcrossing!.share * 0.8);
});

test('a pair in sight decides, if a barrier hides only the nearest', () => {
  const barriers = [{ sort: 'wall', from: { x: 5, y: -1 }, to: { x: 5, y: 1 } }] as const;
  const own = grown('A', {
    crop: 'tomato',
    places: [
      { x: 0, y: 0 },
      { x: 0, y: 3 },
    ],
  });
  const other = grown('B', { crop: 'tomato', places: [{ x: 8, y: 0 }] });
  const { risks, verdict } = isolationReports({
    varieties: [own, other],
    outside: [],
    barriers,
    ground: 'mixed',
  })[0]!;
  expect(risks[0]!.metres).toBeCloseTo(Math.hypot(8, 3), 9);
  expect(risks[0]).toMatchObject({ requiredMetres: 9, barriers: [] });
  expect(verdict).toBe('tooClose');
});
