import * as fc from 'fast-check';
import bearing from '@turf/bearing';
import distance from '@turf/distance';
import {
  asNearAsMayBe,
  bearingTo,
  comparePlants,
  cornersOf,
  plantsPerRow,
  fromGate,
  metresBetween,
  middleOf,
  placeOf,
  placesOf,
} from './places';
import type { Bed, Plant } from '../journal/state';

const bed = (name: string, change: Partial<Bed> = {}): Bed => ({
  bed: name,
  name,
  x: 2,
  y: 3,
  length: 6,
  width: 2.4,
  rows: 2,
  turn: 0,
  ...change,
});
const plant = (id: string, row: number, place: number, inBed = 'A'): Plant => ({
  plant: id,
  bed: inBed,
  row,
  place,
  count: 1,
  variety: 'v',
});

test('rows share the width and places the length, each plant in the middle of its room', () => {
  expect(placeOf({ row: 1, place: 1 }, bed('A'), 3)).toEqual({ x: 3, y: 3.6 });
  expect(placeOf({ row: 2, place: 3 }, bed('A'), 3)).toEqual({ x: 7, y: 4.8 });
});

test('more rows or places than the bed was laid for still lie inside it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 50 }), fc.integer({ min: 1, max: 500 }), (row, place) => {
      const { x, y } = placeOf({ row, place }, bed('A'), 1);
      expect(x).toBeGreaterThan(2);
      expect(x).toBeLessThan(8);
      expect(y).toBeGreaterThan(3);
      expect(y).toBeLessThan(5.4);
    }),
  );
});

test('places of a row are told apart, and plants of an unknown bed are left out', () => {
  const plants = [plant('a', 1, 1), plant('b', 1, 2), plant('c', 2, 1), plant('lost', 1, 1, 'Z')];
  const places = placesOf(plants, new Map([['A', bed('A')]]));
  expect([...places.keys()]).toEqual(['a', 'b', 'c']);
  expect(metresBetween(places.get('a')!, places.get('b')!)).toBeCloseTo(3, 9);
  expect(metresBetween(places.get('a')!, places.get('a')!)).toBe(0);
});

test('one walks bed by bed, rows there and back, and bed 10 comes after bed 9', () => {
  const beds = new Map(['9', '10', '2'].map((name) => [name, bed(name)]));
  const plants = [
    plant('ten', 1, 1, '10'),
    plant('nine-back-1', 2, 1, '9'),
    plant('nine-back-2', 2, 2, '9'),
    plant('nine-2', 1, 2, '9'),
    plant('nine-1', 1, 1, '9'),
    plant('two', 1, 1, '2'),
  ];
  const order = plants.sort(comparePlants(beds)).map((each) => each.plant);
  expect(order).toEqual(['two', 'nine-1', 'nine-2', 'nine-back-2', 'nine-back-1', 'ten']);
});

test('by spacing, a plant stays where it is when others follow in its row', () => {
  const spaced = bed('A', { every: 0.5 });
  expect(placeOf({ row: 1, place: 3 }, spaced, 3)).toEqual(placeOf({ row: 1, place: 3 }, spaced, 12));
  expect(placeOf({ row: 1, place: 1 }, spaced, 1).x).toBe(2.25);
  expect(plantsPerRow(spaced)).toBe(12);
  expect(plantsPerRow({ length: 0.9, every: 0.3 })).toBe(3);
  expect(plantsPerRow(bed('A'))).toBeUndefined();
});

test('a turned bed turns about its corner and keeps all lengths', () => {
  const turned = bed('A', { turn: 90 });
  const [corner, along, far, across] = cornersOf(turned);
  expect(corner).toEqual({ x: 2, y: 3 });
  expect(along!.x).toBeCloseTo(2, 9);
  expect(along!.y).toBeCloseTo(9, 9);
  expect(across!.x).toBeCloseTo(-0.4, 9);
  expect(metresBetween(corner!, far!)).toBeCloseTo(Math.hypot(6, 2.4), 9);
  const plants = [1, 2, 3].map((place) => placeOf({ row: 2, place }, turned, 3));
  const flat = [1, 2, 3].map((place) => placeOf({ row: 2, place }, bed('A'), 3));
  expect(metresBetween(plants[0]!, plants[2]!)).toBeCloseTo(metresBetween(flat[0]!, flat[2]!), 9);
});

test('the middle of some places, and of none', () => {
  expect(
    middleOf([
      { x: 0, y: 0 },
      { x: 4, y: 2 },
    ]),
  ).toEqual({ x: 2, y: 1 });
  expect(middleOf([])).toBeUndefined();
});

// Against @turf/distance and @turf/bearing, on the sphere: over the few kilometres that pollen travels a plane will do.
test('distances and bearings are those of a geometry package', () => {
  const METRES_PER_DEGREE = (Math.PI * 6_371_008.8) / 180;
  const onSphere = ({ x, y }: { x: number; y: number }): [number, number] => [
    x / METRES_PER_DEGREE,
    y / METRES_PER_DEGREE,
  ];
  const place = fc.record({
    metres: fc.double({ min: 1, max: 3000, noNaN: true }),
    degrees: fc.double({ min: 0, max: 360, noNaN: true }),
  });
  fc.assert(
    fc.property(place, place, (a, b) => {
      const [one, other] = [fromGate(a.metres, a.degrees), fromGate(b.metres, b.degrees)];
      const [from, to] = [onSphere(one), onSphere(other)];
      const apart = metresBetween(one, other);
      expect(Math.abs(apart - 1000 * distance(from, to))).toBeLessThan(1e-5 * apart + 1e-6);
      if (apart < 1) return;
      const turn = Math.abs(bearingTo(one, other) - ((bearing(from, to) + 360) % 360));
      expect(Math.min(turn, 360 - turn)).toBeLessThan(0.05);
    }),
  );
});

test('beds that nobody placed may be as near as can be, whatever their drawing', () => {
  const beds = new Map([
    ['A', bed('A', { x: 100, y: 100 })],
    ['B', bed('B', { y: 1, unplaced: true })],
    ['C', bed('C', { y: 900, unplaced: true, turn: 45 })],
  ]);
  const near = asNearAsMayBe(beds);
  expect(near.get('A')).toEqual(beds.get('A'));
  const amid = { x: 103, y: expect.closeTo(101.2), turn: 0 };
  expect(near.get('B')).toMatchObject(amid);
  expect(near.get('C')).toMatchObject(amid);
});

test('beds that nobody placed are walked in the order of their list, after the others', () => {
  const beds = new Map([
    ['Top bed', bed('Top bed', { y: 3, unplaced: true })],
    ['Attic', bed('Attic', { y: 8, unplaced: true })],
    ['Z', bed('Z')],
  ]);
  const plants = ['Attic', 'Top bed', 'Z'].map((name) => plant(`p ${name}`, 1, 1, name));
  expect(plants.sort(comparePlants(beds)).map((each) => each.bed)).toEqual(['Z', 'Top bed', 'Attic']);
});
