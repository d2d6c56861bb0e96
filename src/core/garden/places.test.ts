import * as fc from 'fast-check';
import { comparePlants, metresBetween, placeOf, placesOf } from './places';
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
