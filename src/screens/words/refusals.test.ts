import type { Refusal } from '@/data/files/backup';
import { sayRefusal } from './refusals';

test.each<[Refusal, RegExp]>([
  [{ why: 'notJson' }, /cut short or damaged/],
  [{ why: 'notABackup' }, /not a backup/],
  [{ why: 'newerVersion' }, /Update first/],
  [{ why: 'tooLarge' }, /larger than any garden/],
  [{ why: 'proto' }, /no backup of Steady Trowel holds/],
  [{ why: 'otherGarden', found: 'G2', position: 7 }, /^Entry 7 belongs to another garden \(G2\)/],
  [
    { why: 'badEntry', position: 3, fault: { field: 'body.day', expected: 'a day', found: '"soon"' } },
    /^Entry 3: body\.day should be a day, but is "soon"\.$/,
  ],
  [{ why: 'changedEntries', ids: ['a'] }, /^One entry stands here with another content: a\./],
  [
    { why: 'changedEntries', ids: ['a', 'b', 'c', 'd', 'e', 'f'] },
    /^6 entries stand here with another content: a, b, c, d, e …/,
  ],
])('%j is told in words', (refusal, words) => {
  expect(sayRefusal(refusal)).toMatch(words);
});
