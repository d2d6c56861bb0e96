import { livedSeason } from '@testing/seasons';
import { faultOfEntry } from './entrySchema';

const [first] = livedSeason('demo');

test('finds no fault with a whole season', () => {
  expect(livedSeason('demo').flatMap((entry) => faultOfEntry(entry) ?? [])).toEqual([]);
});

test('names the field, what was expected and what was found', () => {
  const wrong = { ...first!, body: { ...first!.body, latitude: 91 } };
  expect(faultOfEntry(wrong)).toEqual({
    field: 'body.latitude',
    expected: 'at most 90',
    found: '91',
  });
  expect(faultOfEntry({ ...first!, body: { ...first!.body, zone: 'Mars/Olympus' } })).toMatchObject({
    field: 'body.zone',
    found: '"Mars/Olympus"',
  });
});

test('checks the body that an amendment brings', () => {
  const amended = {
    ...first!,
    kind: 'amended',
    body: { target: 'x', of: 'scouted', body: { plant: 'p', day: '2026-13-01' } },
  };
  expect(faultOfEntry(amended)).toMatchObject({ field: 'body.body.day' });
});

test('keeps kinds, versions and fields that a later version brings', () => {
  expect(faultOfEntry({ ...first!, kind: 'danced', body: { steps: 3 } })).toBeUndefined();
  expect(faultOfEntry({ ...first!, v: 99, body: {} })).toBeUndefined();
  expect(faultOfEntry({ ...first!, mood: 'fine', body: { ...first!.body, moon: 'full' } })).toBeUndefined();
});

test.each([
  ['round.planned', { round: 'r', morning: '2026-07-19', stops: null }],
  ['round.planned', { round: 'r', morning: '2026-07-19', stops: [null] }],
  ['covered', { plant: 'p', morning: '2026-07-19', method: 'tape', flowers: {} }],
  ['picked', {}],
])('a %s of an older version that is none is refused, not an error: %j', (kind, body) => {
  expect(faultOfEntry({ ...first!, kind, v: 1, body })).toMatchObject({
    field: expect.stringMatching(/^body/),
  });
  const amended = { ...first!, kind: 'amended', v: 1, body: { target: 'x', of: kind, body } };
  expect(faultOfEntry(amended)).toMatchObject({ field: expect.stringMatching(/^body\.body/) });
});
