import type { Supplies } from '@/core/today/supplies';
import type { Format } from '../format/format';

/** `12 strips of tape`, `3 bags`, …: what there is none of is left out. */
export const supplyItems = ({ tapeStrips, bags, ties, tags }: Supplies, f: Format): string[] =>
  [
    tapeStrips > 0 ? f.count(tapeStrips, 'strip of tape', 'strips of tape') : '',
    bags > 0 ? f.count(bags, 'bag', 'bags') : '',
    ties > 0 ? f.count(ties, 'tie', 'ties') : '',
    tags > 0 ? f.count(tags, 'tag', 'tags') : '',
  ].filter(Boolean);

/** `12 strips of tape, 3 bags, 5 tags`; empty when there is nothing. */
export const saySupplies = (supplies: Supplies, f: Format): string => supplyItems(supplies, f).join(', ');
