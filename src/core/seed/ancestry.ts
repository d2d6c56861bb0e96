import type { Descent } from './descent';

/**
 * A pedigree in one line, mother first, a slash between; nothing of what nobody knows.
 *
 * @param nameOf names a variety.
 * @example ancestryOf({ of: 'cross', mother: 'a', father: 'b', filial: 2 }, nameOf) // 'A/B, F2'
 */
export function ancestryOf(descent: Descent, nameOf: (variety: string) => string): string {
  switch (descent.of) {
    case 'line':
      return nameOf(descent.variety);
    case 'hybrid':
      return `${nameOf(descent.variety)} F${descent.filial}`;
    case 'cross': {
      const { mother, father, filial, backcrossed } = descent;
      const parents = `${nameOf(mother)}/${nameOf(father)}`;
      const back = backcrossed ? `, BC${backcrossed.times} to ${nameOf(backcrossed.to)}` : '';
      return `${parents}${back}, F${filial}`;
    }
    case 'complex':
      return `(${ancestryOf(descent.mother, nameOf)})/(${ancestryOf(descent.father, nameOf)})`;
    case 'mixture':
    case 'unknown':
      return '';
  }
}
