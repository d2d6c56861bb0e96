/** In which order a table writes year, month and day. */
export type DateOrder = 'yearFirst' | 'dayFirst' | 'monthFirst';

/** A date in three numbers, whatever follows it, or in two: with a hyphen these may be from one to another. */
const NUMBERS = /^\s*(\d{1,4})(?:([-/.])\s?(\d{1,2})[-/.]\s?\d{1,4}|([/.])\s?(\d{1,2})\.?\s*$)/;

/**
 * The order of year, month and day that all of some dates allow; `undefined` where several do. Points between the
 * numbers put the day first (common practice, no source: no country writes the month first with points).
 *
 * @example dateOrderOf(['5/6/2026', '13/6/2026']) // 'dayFirst'
 * @example dateOrderOf(['1/3', '20/2']) // 'dayFirst'
 * @example dateOrderOf(['5/6/2026']) // undefined
 */
export function dateOrderOf(dates: readonly string[]): DateOrder | undefined {
  const numbers = dates.flatMap((date) => {
    const found = NUMBERS.exec(date);
    if (!found) return [];
    const [, first, between = found[4], second = found[5]] = found;
    return [{ first: first!, second: Number(second), point: between === '.' }];
  });
  if (numbers.length === 0) return undefined;
  if (numbers.every(({ first }) => first.length === 4)) return 'yearFirst';
  const others = numbers.filter(({ first }) => first.length < 4);
  if (others.some(({ first, point }) => point || Number(first) > 12)) return 'dayFirst';
  return others.some(({ second }) => second > 12) ? 'monthFirst' : undefined;
}
