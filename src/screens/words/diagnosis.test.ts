import { cropOf } from '@/core/crops/catalogue';
import { diagnose } from '@/core/diagnosis/diagnose';
import { failureTableOf } from '@/core/diagnosis/failureTableOf';
import { formatFor } from '../format/format';
import { sayCause, sayCauseCount } from './diagnosis';
import { causeWords, signWords } from './failing';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');

test('a cause is said with its chance and what speaks for it', () => {
  const [rot] = diagnose({ darkPatch: true, grew: true }, failureTableOf(cropOf('pepo').flower)).causes;
  expect(sayCause(rot!, 'pepo', f)).toMatch(/^9\d %: it has a dark, sunken patch, it had grown$/);
  expect(sayCause({ cause: 'pest', chance: 0.04, because: [] }, 'pepo', f)).toBe('4 %');
});

test('a number of failures is about so many where nobody noted the cause', () => {
  expect(sayCauseCount({ cause: 'pest', expected: 4.2, low: 2, high: 7.8 }, 20, f)).toBe(
    'about 4 of 20 (2 to 8)',
  );
  expect(sayCauseCount({ cause: 'pest', expected: 3, low: 3, high: 3 }, 20, f)).toBe('3 of 20');
});

test('an ear is spoken of as an ear', () => {
  const table = failureTableOf(cropOf('corn').flower);
  const [late] = diagnose({ emptyTip: true, grew: true, oneDay: true }, table).causes;
  expect(causeWords(late!.cause, 'corn').name).toBe('The last silk came later');
  expect(sayCause(late!, 'corn', f)).toMatch(/its tip is empty/);
  for (const sign of table.signs)
    expect(signWords(sign, 'corn').asks).not.toMatch(/fruitlet|petal|flower end/);
  for (const cause of table.causes.keys()) expect(causeWords(cause, 'corn').advice).not.toMatch(/male|petal/);
});
