import { diagnose } from '@/core/diagnosis/diagnose';
import { formatFor } from '../format/format';
import { sayCause, sayCauseCount } from './diagnosis';

const f = formatFor('Europe/London', 'metric', 'h24', 'en-GB');

test('a cause is said with its chance and what speaks for it', () => {
  const [rot] = diagnose({ darkPatch: true, grew: true }).causes;
  expect(sayCause(rot!, f)).toMatch(/^9\d %: it has a dark, sunken patch, it had grown$/);
  expect(sayCause({ cause: 'pest', chance: 0.04, because: [] }, f)).toBe('4 %');
});

test('a number of failures is about so many where nobody noted the cause', () => {
  expect(sayCauseCount({ cause: 'pest', expected: 4.2, low: 2, high: 7.8 }, 20, f)).toBe(
    'about 4 of 20 (2 to 8)',
  );
  expect(sayCauseCount({ cause: 'pest', expected: 3, low: 3, high: 3 }, 20, f)).toBe('3 of 20');
});
