import { CROP_IDS, cropOf, type CropId } from '../crops/catalogue';
import type { CrossingRisk } from './crossingRisk';
import type { GrownVariety } from './question';
import { isolationMethods, type IsolationMethod } from './isolationMethods';

const grown = (crop: CropId): GrownVariety => ({
  id: 'own',
  crop,
  purpose: 'seedToKeep',
  places: [{ x: 0, y: 0 }],
});
const risk = (id: string, change: Partial<CrossingRisk> = {}): CrossingRisk => ({
  id,
  where: 'garden',
  compatibility: { frequency: 'freely' } as CrossingRisk['compatibility'],
  metres: 10,
  requiredMetres: 600,
  barriers: [],
  daysApart: undefined,
  isolatedBy: 'nothing',
  share: { share: 0.1, low: 0.05, high: 0.2 },
  ...change,
});
const OUTSIDE = { where: 'outside', certainty: 'told' } as const;
const RARELY = { compatibility: { frequency: 'rarely' } as CrossingRisk['compatibility'] };

const named = (
  methods: readonly IsolationMethod[],
  method: IsolationMethod['method'],
): IsolationMethod | undefined => methods.find((each) => each.method === method);

test('covering helps every crop against all that is near', () => {
  for (const crop of CROP_IDS) {
    const methods = isolationMethods(grown(crop), [risk('here'), risk('there', OUTSIDE)], 600);
    const { habit, protocols } = cropOf(crop);
    // What sets with its own pollen needs only to be kept shut.
    const selfs = habit === 'perfect' && !protocols.seed;
    const cover = selfs ? 'bagFlowers' : 'coverAndHandPollinate';
    expect(named(methods, cover)?.about).toEqual(['here', 'there']);
    expect(named(methods, cover === 'bagFlowers' ? 'coverAndHandPollinate' : 'bagFlowers')).toBeUndefined();
  }
});

test('what costs least comes first', () => {
  const costs = ['asking', 'waiting', 'morningWork', 'building', 'space', 'harvest'];
  for (const crop of CROP_IDS) {
    const methods = isolationMethods(grown(crop), [risk('here'), risk('there', OUTSIDE)], 20);
    const ranks = methods.map(({ cost }) => costs.indexOf(cost));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    expect(methods[0]).toMatchObject({ method: 'askNeighbour', about: ['there'] });
    expect(methods.at(-1)).toMatchObject({ method: 'growOnlyOne', about: ['here'] });
  }
});

test('a neighbour can be asked; one’s own variety can be moved or left out', () => {
  const outside = isolationMethods(grown('pepo'), [risk('there', OUTSIDE)], 20).map(({ method }) => method);
  expect(outside).toEqual(['askNeighbour', 'coverAndHandPollinate', 'cage']);
  const own = isolationMethods(grown('pepo'), [risk('here')], 20).map(({ method }) => method);
  expect(own).toEqual(['coverAndHandPollinate', 'cage', 'alternateCages', 'moveAway', 'growOnlyOne']);
});

test('no method is needed for what is isolated, nor for rare crosses while something crosses freely', () => {
  const guarded = risk('far', { isolatedBy: 'distance' });
  const rare = risk('rare', RARELY);
  const about = (risks: readonly CrossingRisk[]): readonly string[] =>
    named(isolationMethods(grown('pepo'), risks, 600), 'coverAndHandPollinate')!.about;
  expect(about([risk('free'), rare, guarded])).toEqual(['free']);
  expect(about([rare, guarded])).toEqual(['rare']);
  expect(about([rare, risk('free', { isolatedBy: 'time' })])).toEqual(['rare']);
});

test('corn can wait fourteen days, and be screened from a field by rows of its own', () => {
  const methods = isolationMethods(grown('corn'), [risk('here'), risk('field', OUTSIDE)], 525);
  expect(named(methods, 'timeIsolation')).toMatchObject({ amount: 14, about: ['here', 'field'] });
  expect(named(methods, 'borderRows')?.about).toEqual(['field']);
  expect(named(isolationMethods(grown('corn'), [risk('here')], 525), 'borderRows')).toBeUndefined();
  expect(named(isolationMethods(grown('pepo'), [risk('here')], 600), 'timeIsolation')).toBeUndefined();
});

test('a cage where the crop can be caged, and cages in turn where insects must come in', () => {
  expect(named(isolationMethods(grown('corn'), [risk('here')], 525), 'cage')).toBeUndefined();
  const melon = isolationMethods(grown('melon'), [risk('here')], 400);
  expect(named(melon, 'alternateCages')?.about).toEqual(['here']);
  const tomato = isolationMethods(grown('tomato'), [risk('here')], 9);
  expect(named(tomato, 'cage')).toBeDefined();
  expect(named(tomato, 'alternateCages')).toBeUndefined();
});

test('moving away is offered only for distances that fit into a garden', () => {
  const metres = (requiredMetres: number): number | undefined =>
    named(isolationMethods(grown('tomato'), [risk('here')], requiredMetres), 'moveAway')?.amount;
  expect(metres(9)).toBe(9);
  expect(metres(50)).toBe(50);
  expect(metres(51)).toBeUndefined();
});
