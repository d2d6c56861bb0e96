const NAMES = new Intl.Collator('en', { numeric: true });

/**
 * Names in their order, `Bed 2` before `Bed 10`. One set of rules for all: `localeCompare` makes its own for each pair.
 *
 * @example ['B10', 'B2'].sort(byName) // ['B2', 'B10']
 */
export const byName = (a: string, b: string): number => NAMES.compare(a, b);
