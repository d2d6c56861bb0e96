import * as fc from 'fast-check';
import { boxAround, heightFor, isOnBed, moved, toCanvas, toPlan, viewOf, zoomed } from './planView';
import { plantsPath, PLANT_SHAPES } from './plantShape';
import { atEdge, plumeHalf, plumePath } from './plume';

const size = { width: 350, height: 300 };
const box = { left: -1, low: 0, right: 34, top: 28 };
const whole = viewOf(box, size);
const spot = fc.record({
  x: fc.double({ min: -50, max: 50, noNaN: true }),
  y: fc.double({ min: -50, max: 50, noNaN: true }),
});
const onCanvas = fc.record({
  x: fc.double({ min: 0, max: 350, noNaN: true }),
  y: fc.double({ min: 0, max: 300, noNaN: true }),
});

test('the whole view shows every corner, north up', () => {
  for (const corner of [
    { x: -1, y: 0 },
    { x: 34, y: 28 },
  ]) {
    const { x, y } = toCanvas(corner, whole, size);
    expect(x).toBeGreaterThanOrEqual(0);
    expect(x).toBeLessThanOrEqual(350);
    expect(y).toBeGreaterThanOrEqual(0);
    expect(y).toBeLessThanOrEqual(300);
  }
  expect(toCanvas({ x: 0, y: 10 }, whole, size).y).toBeLessThan(toCanvas({ x: 0, y: 0 }, whole, size).y);
  expect(boxAround([])).toEqual({ left: 0, low: 0, right: 0, top: 0 });
  expect(heightFor(box, 350, 400)).toBeLessThanOrEqual(400);
});

test('canvas and plan are each other’s way back, in any view', () => {
  fc.assert(
    fc.property(spot, onCanvas, fc.double({ min: 0.2, max: 5, noNaN: true }), (at, finger, times) => {
      const view = zoomed(whole, times, finger, { size, whole });
      const back = toPlan(toCanvas(at, view, size), view, size);
      expect(Math.hypot(back.x - at.x, back.y - at.y)).toBeLessThan(1e-6);
    }),
  );
});

test('coming nearer leaves the spot under the finger where it is, and stops in time', () => {
  fc.assert(
    fc.property(onCanvas, fc.double({ min: 0.5, max: 3, noNaN: true }), (finger, times) => {
      const view = zoomed(whole, times, finger, { size, whole });
      const [before, after] = [toPlan(finger, whole, size), toPlan(finger, view, size)];
      expect(Math.hypot(before.x - after.x, before.y - after.y)).toBeLessThan(1e-6);
    }),
  );
  expect(zoomed(whole, 1e9, { x: 0, y: 0 }, { size, whole }).scale).toBeCloseTo(whole.scale * 40);
  expect(zoomed(whole, 1e-9, { x: 0, y: 0 }, { size, whole }).scale).toBeCloseTo(whole.scale / 2);
});

test('dragging the plan moves it with the finger', () => {
  const view = moved(whole, 30, -20);
  const [before, after] = [toCanvas({ x: 5, y: 5 }, whole, size), toCanvas({ x: 5, y: 5 }, view, size)];
  expect(after.x - before.x).toBeCloseTo(30);
  expect(after.y - before.y).toBeCloseTo(-20);
});

test('a turned bed is hit where it lies', () => {
  const bed = { x: 10, y: 10, length: 6, width: 2, turn: 90 };
  expect(isOnBed(bed, { x: 9, y: 15 })).toBe(true);
  expect(isOnBed(bed, { x: 15, y: 11 })).toBe(false);
  expect(isOnBed(bed, { x: 10.3, y: 12 })).toBe(false);
  expect(isOnBed(bed, { x: 10.3, y: 12 }, 0.5)).toBe(true);
});

test('a plume is wider for a larger share, and there is one only where there is a way', () => {
  expect(plumeHalf(0.001)).toBeLessThan(plumeHalf(0.1));
  expect(plumeHalf(0.1)).toBeLessThan(plumeHalf(0.9));
  expect(plumePath({ x: 0, y: 0 }, { x: 100, y: 0 }, 0.2)).toMatch(/^M[\d. -]+L.*Z$/);
  expect(plumePath({ x: 5, y: 5 }, { x: 5, y: 5 }, 0.2)).toBe('');
});

test('what grows nearby is drawn at the edge towards it', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }), (angle) => {
      const far = { x: 175 + 5000 * Math.cos(angle), y: 150 + 5000 * Math.sin(angle) };
      const at = atEdge(far, size, 10);
      expect(at.x).toBeGreaterThanOrEqual(9.99);
      expect(at.x).toBeLessThanOrEqual(340.01);
      expect(Math.atan2(at.y - 150, at.x - 175)).toBeCloseTo(Math.atan2(far.y - 150, far.x - 175), 6);
    }),
  );
  expect(atEdge({ x: 100, y: 100 }, size, 10)).toEqual({ x: 100, y: 100 });
});

test('three thousand plants of a variety are one path, in every shape', () => {
  const spots = Array.from({ length: 3000 }, (_, i) => ({ x: i % 60, y: Math.floor(i / 60) }));
  for (const shape of PLANT_SHAPES) {
    const path = plantsPath(spots, shape, 0.2);
    expect(path.match(/M/g)!.length).toBeGreaterThanOrEqual(3000);
    expect(path).not.toMatch(/NaN|undefined/);
  }
});
