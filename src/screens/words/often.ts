import type { Format } from '../format/format';

/**
 * How often something is done.
 *
 * @example sayOften(2, f) // 'Twice'
 */
export const sayOften = (times: number, f: Format): string =>
  ['Once', 'Twice'][times - 1] ?? f.count(times, 'time', 'times');
