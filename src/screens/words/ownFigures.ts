import type { Format } from '../format/format';

/**
 * By whose figures something is believed: own flowers, with their weight against the field guide's figure, or that alone.
 *
 * @example sayOwnFigures({ own: 0, ownWeight: 0 }, f) // 'by the field guide’s figure'
 */
export const sayOwnFigures = (
  { own, ownWeight }: { readonly own: number; readonly ownWeight: number },
  f: Format,
): string =>
  own === 0
    ? 'by the field guide’s figure'
    : `by ${f.count(own, 'flower', 'flowers')} of your own, which weigh ${f.percent(ownWeight)}, and the field guide’s figure`;
