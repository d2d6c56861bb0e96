import fc from 'fast-check';
import { cropOf, isCoveredBeforeOpening } from '../crops/catalogue';
import { GATE, metresBetween, placesOf } from '../garden/places';
import type { Journal } from '../journal/journal';
import { entryOf } from '@testing/entries';
import type { WalkedPlant } from '../due/outings';
import { begin } from '@testing/yard';
import { greenBefore, inWalkingOrder, lookedOverWith } from './walkOrder';

const DAY = '2026-07-20';
const ROLES = { bears: true, fathers: true, emasculate: false, crosses: [] };
const pepo = cropOf('pepo');
if (!isCoveredBeforeOpening(pepo)) throw new Error('the walk leads to squash');

/** Beds at places, with two plants each. */
function yard(spots: readonly { readonly x: number; readonly y: number }[]): {
  readonly journal: Journal;
  readonly walk: WalkedPlant[];
} {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: [] }]);
  const walk: WalkedPlant[] = [];
  spots.forEach(({ x, y }, i) => {
    const bed = `b${i}`;
    phone.say('2026-05-01T08:00:00Z', {
      kind: 'bed.laid',
      body: { bed, name: String(i), x, y, length: 4, width: 1, rows: 1, turn: 0 },
    });
    phone.say('2026-05-01T08:00:00Z', {
      kind: 'plants.set',
      body: {
        bed,
        row: 1,
        variety: 'v',
        plants: [1, 2].map((place) => ({ plant: `${bed}p${place}`, place })),
      },
    });
  });
  const { journal } = phone;
  for (const plant of journal.all('plant').values()) {
    const variety = journal.all('variety').get('v')!;
    if (isCoveredBeforeOpening(pepo))
      walk.push({ plant, variety, crop: pepo, day: DAY, from: undefined, roles: ROLES, visited: false });
  }
  return { journal, walk };
}

/** From the gate from plant to plant, metres. */
function lengthOf(journal: Journal, walk: readonly WalkedPlant[]): number {
  const places = placesOf(
    walk.map(({ plant }) => plant),
    journal.all('bed'),
  );
  const way = [GATE, ...walk.map(({ plant }) => places.get(plant.plant)!)];
  return way.slice(1).reduce((sum, place, i) => sum + metresBetween(way[i]!, place), 0);
}

function permutations<T>(all: readonly T[]): T[][] {
  if (all.length === 0) return [[]];
  return all.flatMap((first, i) =>
    permutations(all.filter((_, j) => j !== i)).map((rest) => [first, ...rest]),
  );
}

test('beds come in the shortest order there is, whatever they are called', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ x: fc.integer({ min: 0, max: 60 }), y: fc.integer({ min: 0, max: 60 }) }), {
        minLength: 1,
        maxLength: 6,
      }),
      (spots) => {
        const { journal, walk } = yard(spots);
        const ordered = inWalkingOrder(journal, walk);
        expect(ordered.map(({ plant }) => plant.plant).sort()).toEqual(
          walk.map(({ plant }) => plant.plant).sort(),
        );
        const shortest = Math.min(
          ...permutations([...spots.keys()]).map((order) =>
            lengthOf(
              journal,
              order.flatMap((i) => walk.filter(({ plant }) => plant.bed === `b${i}`)),
            ),
          ),
        );
        expect(lengthOf(journal, ordered)).toBeLessThanOrEqual(shortest + 1e-6);
      },
    ),
    { numRuns: 60 },
  );
});

test('of many beds the order is not much longer than in a row of them, where the shortest is known', () => {
  // Side by side, away from the gate, in any order of their names.
  const spots = Array.from({ length: 16 }, (_, i) => ({ x: 5, y: 3 * ((i * 7) % 16) }));
  const { journal, walk } = yard(spots);
  const inARow = [...spots.keys()].sort((a, b) => spots[a]!.y - spots[b]!.y);
  const shortest = lengthOf(
    journal,
    inARow.flatMap((i) => walk.filter(({ plant }) => plant.bed === `b${i}`)),
  );
  expect(lengthOf(journal, inWalkingOrder(journal, walk))).toBeLessThanOrEqual(1.02 * shortest);
});

test('the order is the same while one walks', () => {
  const { journal, walk } = yard([
    { x: 20, y: 0 },
    { x: 0, y: 0 },
    { x: 10, y: 0 },
  ]);
  const before = inWalkingOrder(journal, walk).map(({ plant }) => plant.plant);
  expect(before[0]).toBe('b1p1');
  const after = inWalkingOrder(
    journal,
    walk.map((each, i) => ({ ...each, visited: i % 2 === 0 })),
  );
  expect(after.map(({ plant }) => plant.plant)).toEqual(before);
});

test('a bed is looked over at once, a large one row by row', () => {
  const { walk } = yard([
    { x: 0, y: 0 },
    { x: 9, y: 0 },
  ]);
  expect(lookedOverWith(walk[0]!, walk).map(({ plant }) => plant.plant)).toEqual(['b0p1', 'b0p2']);
  const large = Array.from({ length: 80 }, (_, i) => ({
    ...walk[0]!,
    plant: { ...walk[0]!.plant, plant: `p${i}`, row: 1 + (i % 2), place: i },
  }));
  expect(lookedOverWith(large[0]!, large)).toHaveLength(40);
  expect(new Set(lookedOverWith(large[1]!, large).map(({ plant }) => plant.row))).toEqual(new Set([2]));
});

test('what was green the evening before is known', () => {
  const { journal, walk } = yard([{ x: 0, y: 0 }]);
  expect(greenBefore(journal, walk).size).toBe(0);
  const seen = (plant: string, day: string, green: number): void =>
    journal.add([
      entryOf(
        {
          kind: 'scouted',
          body: { plant, day, eve: { female: 0, male: 0 }, green: { female: green, male: 1 } },
        },
        { id: `s-${plant}-${day}`, lamport: 900, at: `${day}T00:00:00.000Z`, device: 'a', action: 's' },
      ),
    ]);
  seen('b0p1', '2026-07-19', 2);
  seen('b0p2', '2026-07-18', 2);
  expect([...greenBefore(journal, walk)]).toEqual([['b0p1', 3]]);
});

test('plants that look diseased come after all beds, and are looked over by themselves', () => {
  const phone = begin([{ variety: 'v', crop: 'pepo', plants: ['p1', 'p2', 'p3', 'p4'] }]);
  phone.say('2026-07-18T18:00:00Z', {
    kind: 'plant.noted',
    body: { plant: 'p2', health: 'suspect', trueness: 'typical' },
  });
  const { journal } = phone;
  const walk = [...journal.all('plant').values()].flatMap((plant): WalkedPlant[] =>
    isCoveredBeforeOpening(pepo)
      ? [
          {
            plant,
            variety: journal.all('variety').get('v')!,
            crop: pepo,
            day: DAY,
            from: undefined,
            roles: ROLES,
            visited: false,
          },
        ]
      : [],
  );
  const order = inWalkingOrder(journal, walk);
  const ids = (some: readonly WalkedPlant[]): string[] => some.map(({ plant }) => plant.plant);
  expect(ids(order)).toEqual(['p1', 'p3', 'p4', 'p2']);
  expect(ids(lookedOverWith(order[0]!, order))).toEqual(['p1', 'p3', 'p4']);
  expect(ids(lookedOverWith(order[3]!, order))).toEqual(['p2']);
});
