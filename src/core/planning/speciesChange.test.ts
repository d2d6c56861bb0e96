import { speciesChange } from './speciesChange';

const OTHERS = [
  { variety: 'marsh', crop: 'pepo' },
  { variety: 'heron', crop: 'moschata' },
  { variety: 'ox', crop: 'tomato' },
] as const;

test('a squash that turns out to be another species crosses with others', () => {
  expect(speciesChange({ crop: 'pepo', traits: { fruitShape: 'flat' } }, 'moschata', OTHERS)).toEqual({
    crossesNoMore: ['marsh'],
    crossesNow: ['heron'],
    traitsDropped: [],
    outings: { before: 'morning', after: 'morning' },
  });
});

test('its hours and traits may be others too', () => {
  const change = speciesChange({ crop: 'cucumber', traits: { parthenocarpic: true } }, 'bottleGourd', OTHERS);
  expect(change.outings).toEqual({ before: 'morning', after: 'dusk' });
  expect(change.traitsDropped).toEqual(['parthenocarpic']);
});

test('nothing changes where it stays what it is', () => {
  const change = speciesChange({ crop: 'tomato', traits: {} }, 'tomato', OTHERS);
  expect([change.crossesNoMore, change.crossesNow]).toEqual([[], []]);
});
