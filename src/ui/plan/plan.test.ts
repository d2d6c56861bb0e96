import * as fc from 'fast-check';
import { cornersOf } from '@/core/garden/places';
import { boxAround, heightFor, isOnBed, moved, toCanvas, toPlan, viewOf, zoomed } from './planView';
import { bedsBox, openingView } from './openingView';
import { boxRound, overlap, placeLabels } from './placeLabels';
import { NAME_SIZE, namesOn } from './planNames';
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

const bedAt = fc.record({
  x: fc.double({ min: -30, max: 30, noNaN: true }),
  y: fc.double({ min: -30, max: 30, noNaN: true }),
  length: fc.double({ min: 0.3, max: 12, noNaN: true }),
  width: fc.double({ min: 0.3, max: 4, noNaN: true }),
  turn: fc.constantFrom(0, 0, 90, -30),
  name: fc.constantFrom('A', 'Top bed', 'Side border by the long wall'),
});
const gardenOf = (beds: readonly object[]) =>
  beds.map((bed, i) => ({ id: `b${i}`, ...bed })) as unknown as Parameters<typeof namesOn>[0]['beds'];

test('no name covers a bed or another name, whatever the plan; a name is whole or shortened', () => {
  let placed = 0;
  fc.assert(
    fc.property(
      fc.array(bedAt, { minLength: 1, maxLength: 25 }),
      fc.double({ min: 1, max: 6, noNaN: true }),
      (made, times) => {
        const beds = gardenOf(made);
        const view = zoomed(viewOf(bedsBox(beds)!, size), times, { x: 175, y: 150 }, { size, whole });
        const { labels } = namesOn({
          beds,
          outside: [],
          view,
          size,
          lengthInWords: (m) => `${m.toFixed(0)} m`,
        });
        const boxes = labels.map(({ x, y, text, ends }) => ({
          x: ends ? x - text.length * 0.6 * NAME_SIZE : x,
          y: y - 0.88 * NAME_SIZE,
          width: text.length * 0.6 * NAME_SIZE,
          height: 1.1 * NAME_SIZE,
        }));
        const bedBoxes = beds.map((bed) =>
          boxRound(cornersOf(bed).map((corner) => toCanvas(corner, view, size))),
        );
        boxes.forEach((box, i) => {
          placed += 1;
          expect(box.x).toBeGreaterThanOrEqual(-1);
          expect(box.x + box.width).toBeLessThanOrEqual(size.width + 1);
          expect(bedBoxes.some((bed) => overlap(box, bed))).toBe(false);
          expect(boxes.some((other, j) => i !== j && overlap(box, other))).toBe(false);
        });
      },
    ),
    { numRuns: 200 },
  );
  expect(placed).toBeGreaterThan(300);
});

test('what is chosen gets its name first; one without room is left to the list', () => {
  const of = { x: 0, y: 0, width: 100, height: 20 };
  const canvas = { width: 100, height: 46 };
  const wishes = [
    { id: 'one', text: 'One', of },
    { id: 'two', text: 'Two', of, first: true },
  ];
  const labels = placeLabels(wishes, [of], canvas, 14);
  expect(labels.map(({ id }) => id)).toEqual(['two', 'one']);
  const [tight] = placeLabels(
    [{ id: 'long', text: 'A very long name of a bed', of }],
    [of],
    { ...canvas, width: 110 },
    14,
  );
  expect(tight!.text).toBe('A very long…');
  const [far] = placeLabels(
    [{ id: 'far', text: 'A very long name of a farm', tail: ', 190 m', of }],
    [of],
    { ...canvas, width: 180 },
    14,
  );
  expect(far!.text).toBe('A very long…, 190 m');
  expect(placeLabels([wishes[0]!], [of], { width: 100, height: 22 }, 14)).toEqual([]);
});

test('what lies out of view gets an arrow at the edge, with its distance', () => {
  const beds = gardenOf([
    { x: 0, y: 0, length: 4, width: 1, turn: 0, name: 'A' },
    { x: 60, y: 0, length: 4, width: 1, turn: 0, name: 'B' },
  ]);
  const view = { scale: 20, middle: { x: 2, y: 0.5 } };
  const outside = [{ id: 'field', name: 'Field corn', spot: { x: 0, y: 400 } }];
  const { marks, labels } = namesOn({
    beds,
    outside,
    view,
    size,
    lengthInWords: (m) => `${Math.round(m)} m`,
  });
  expect(marks.map(({ id, towards }) => [id, Math.round(towards!)])).toEqual([
    ['field', -90],
    ['b1', 0],
  ]);
  expect(labels.map(({ text }) => text)).toEqual(['A', 'Field corn, 400 m', 'B, 58 m']);
});

test('the plan opens on the beds, and no nearer than a finger needs', () => {
  const row = (count: number, apart: number) =>
    Array.from({ length: count }, (_, i) => ({ x: 0, y: apart * i, length: 8, width: 1.2, turn: 0 }));
  const few = openingView(row(3, 2), size)!;
  expect(few).toEqual(viewOf(bedsBox(row(3, 2))!, size));
  // Too many for one canvas: as large as the width allows, and no emptiness beyond the first bed.
  const far = openingView(row(30, 20), size)!;
  expect(far.scale * 1.2).toBeGreaterThanOrEqual(24);
  expect(far.middle.y).toBeCloseTo(size.height / 2 / far.scale - 40 / far.scale);
  // Thin and long: no nearer than three times what shows all.
  const thin = [{ x: 0, y: 0, length: 100, width: 0.3, turn: 0 }];
  expect(openingView(thin, size)!.scale).toBeCloseTo(3 * viewOf(bedsBox(thin)!, size).scale);
  expect(openingView([], size)).toBeUndefined();
});
