import { CROP_IDS, cropOf, type CropId } from '../crops/catalogue';
import type { Danger, GrownVariety } from './isolation';
import { waysOut, type WayOut } from './waysOut';

const grown = (crop: CropId): GrownVariety => ({
  id: 'own',
  crop,
  purpose: 'seedToKeep',
  places: [{ x: 0, y: 0 }],
});
const danger = (id: string, change: Partial<Danger> = {}): Danger => ({
  id,
  where: 'garden',
  crossing: { how: 'freely' } as Danger['crossing'],
  metres: 10,
  wanted: 600,
  behind: [],
  daysApart: undefined,
  guarded: 'no',
  share: { share: 0.1, low: 0.05, high: 0.2 },
  ...change,
});
const OUTSIDE = { where: 'outside', sure: 'told' } as const;
const RARELY = { crossing: { how: 'rarely' } as Danger['crossing'] };

const named = (ways: readonly WayOut[], way: WayOut['way']): WayOut | undefined =>
  ways.find((each) => each.way === way);

test('covering helps every crop against all that is near', () => {
  for (const crop of CROP_IDS) {
    const ways = waysOut(grown(crop), [danger('here'), danger('there', OUTSIDE)], 600);
    const cover = cropOf(crop).habit === 'perfect' ? 'bagFlowers' : 'coverAndHand';
    expect(named(ways, cover)?.about).toEqual(['here', 'there']);
    expect(named(ways, cover === 'bagFlowers' ? 'coverAndHand' : 'bagFlowers')).toBeUndefined();
  }
});

test('what costs least comes first', () => {
  const costs = ['asking', 'waiting', 'morningWork', 'building', 'room', 'harvest'];
  for (const crop of CROP_IDS) {
    const ways = waysOut(grown(crop), [danger('here'), danger('there', OUTSIDE)], 20);
    const ranks = ways.map(({ cost }) => costs.indexOf(cost));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    expect(ways[0]).toMatchObject({ way: 'askNeighbour', about: ['there'] });
    expect(ways.at(-1)).toMatchObject({ way: 'leaveOut', about: ['here'] });
  }
});

test('a neighbour is asked, not moved; one’s own is moved or left out, not asked', () => {
  const outside = waysOut(grown('pepo'), [danger('there', OUTSIDE)], 20).map(({ way }) => way);
  expect(outside).toEqual(['askNeighbour', 'coverAndHand', 'cage']);
  const own = waysOut(grown('pepo'), [danger('here')], 20).map(({ way }) => way);
  expect(own).toEqual(['coverAndHand', 'cage', 'alternateCages', 'moveAway', 'leaveOut']);
});

test('nothing is done about what is guarded, nor about what crosses rarely while something crosses freely', () => {
  const guarded = danger('far', { guarded: 'byDistance' });
  const rare = danger('rare', RARELY);
  const about = (dangers: readonly Danger[]): readonly string[] =>
    named(waysOut(grown('pepo'), dangers, 600), 'coverAndHand')!.about;
  expect(about([danger('free'), rare, guarded])).toEqual(['free']);
  expect(about([rare, guarded])).toEqual(['rare']);
  expect(about([rare, danger('free', { guarded: 'byTime' })])).toEqual(['rare']);
});

test('corn can wait fourteen days, and be screened from a field by rows of its own', () => {
  const ways = waysOut(grown('corn'), [danger('here'), danger('field', OUTSIDE)], 525);
  expect(named(ways, 'stagger')).toMatchObject({ amount: 14, about: ['here', 'field'] });
  expect(named(ways, 'borderRows')?.about).toEqual(['field']);
  expect(named(waysOut(grown('corn'), [danger('here')], 525), 'borderRows')).toBeUndefined();
  expect(named(waysOut(grown('pepo'), [danger('here')], 600), 'stagger')).toBeUndefined();
});

test('a cage where the crop can be caged, and cages in turn where insects must come in', () => {
  expect(named(waysOut(grown('corn'), [danger('here')], 525), 'cage')).toBeUndefined();
  const melon = waysOut(grown('melon'), [danger('here')], 400);
  expect(named(melon, 'alternateCages')?.about).toEqual(['here']);
  const tomato = waysOut(grown('tomato'), [danger('here')], 9);
  expect(named(tomato, 'cage')).toBeDefined();
  expect(named(tomato, 'alternateCages')).toBeUndefined();
});

test('moving away is offered only for distances that fit into a garden', () => {
  const metres = (wanted: number): number | undefined =>
    named(waysOut(grown('tomato'), [danger('here')], wanted), 'moveAway')?.amount;
  expect(metres(9)).toBe(9);
  expect(metres(50)).toBe(50);
  expect(metres(51)).toBeUndefined();
});
