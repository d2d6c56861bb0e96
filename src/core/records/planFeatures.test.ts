import bearing from '@turf/bearing';
import distance from '@turf/distance';
import { begin, YARD } from '@testing/yard';
import type { Position } from 'geojson';
import { planFeatures } from './planFeatures';

const phone = begin([{ variety: 'a', crop: 'pepo', plants: ['a1', 'a2', 'a3'] }]);
phone.say(
  '2026-05-01T08:00:00Z',
  { kind: 'barrier.set', body: { barrier: 'w', sort: 'wall', from: { x: -3, y: -4 }, to: { x: 5, y: 12 } } },
  {
    kind: 'outside.described',
    body: {
      ...{ source: 'n', name: 'Next door', crop: 'pepo', distance: 800, bearing: 225, radius: 5, plants: 12 },
      sure: 'seen',
    },
  },
);

const of = (kind: string, garden = YARD) =>
  planFeatures(phone.journal, garden).features.filter(({ properties }) => properties?.['kind'] === kind);
const point = (position: Position): [number, number] => [position[0]!, position[1]!];
const coordinates = <T>(feature: { readonly geometry: object } | undefined): T =>
  (feature!.geometry as { coordinates: T }).coordinates;

test.each([
  ['here', 0],
  ['far south', -54],
  ['near the pole', 71],
])('%s distances and bearings of the plan are those on the map', (_where, latitude) => {
  const garden = { ...YARD, latitude: latitude || YARD.latitude };
  const gate = coordinates<Position>(of('gate', garden)[0]);
  const outside = coordinates<Position>(of('outside', garden)[0]);
  expect(gate).toEqual([garden.longitude, garden.latitude]);
  // The reference library computes on a sphere, which is at most half a per cent beside the ellipsoid.
  expect(distance(point(gate), point(outside), { units: 'meters' }) / 800).toBeCloseTo(1, 2);
  expect((bearing(point(gate), point(outside)) + 360) % 360).toBeCloseTo(225, 0);
  const [from, to] = coordinates<Position[]>(of('barrier', garden)[0]);
  expect(distance(point(from!), point(to!), { units: 'meters' })).toBeCloseTo(Math.hypot(8, 16), 0);
});

test('a bed is a closed ring, anticlockwise as RFC 7946 wants it, with its plants within', () => {
  const [bed] = of('bed');
  const [ring] = coordinates<Position[][]>(bed);
  expect(ring![0]).toEqual(ring!.at(-1));
  const area = ring!.slice(1).reduce((sum, [x2, y2], i) => {
    const [x1, y1] = ring![i]!;
    return sum + (x1! * y2! - x2! * y1!);
  }, 0);
  expect(area).toBeGreaterThan(0);
  const [xs, ys] = [0, 1].map((axis) => ring!.map((position) => position[axis]!));
  const plants = of('plant');
  expect(plants).toHaveLength(3);
  for (const plant of plants) {
    const [x, y] = coordinates<Position>(plant);
    expect(x).toBeGreaterThan(Math.min(...xs!));
    expect(x).toBeLessThan(Math.max(...xs!));
    expect(y).toBeGreaterThan(Math.min(...ys!));
    expect(y).toBeLessThan(Math.max(...ys!));
    expect(plant.properties).toMatchObject({ variety: 'a', species: 'Cucurbita pepo', count: 1 });
  }
});

test('across the date line degrees stay within their bounds', () => {
  const garden = { ...YARD, latitude: -17, longitude: 180 };
  const [x] = coordinates<Position>(of('outside', { ...garden, longitude: -180 })[0]);
  expect(Math.abs(x!)).toBeLessThanOrEqual(180);
  expect(Math.abs(coordinates<Position>(of('outside', garden)[0])[0]!)).toBeLessThanOrEqual(180);
});
