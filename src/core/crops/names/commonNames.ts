import { withoutAccents } from '../../text/withoutAccents';
import { COMMON_NAMES, type CommonName } from './commonNameList';

const singular = (word: string): string => {
  if (/ies$/.test(word)) return word.replace(/ies$/, 'y');
  if (/(oes|shes|ches)$/.test(word)) return word.slice(0, -2);
  return /[^su]s$/.test(word) && word.length > 3 ? word.slice(0, -1) : word;
};

/**
 * A name as it is compared: no capitals, accents, hyphens, apostrophes or plurals.
 *
 * @example normalisedName('Patty-Pans') // 'patty pan'
 */
export const normalisedName = (name: string): string =>
  withoutAccents(name)
    .replace(/[’']/g, '')
    .split(/[^a-z0-9]+/)
    .filter(Boolean)
    .map(singular)
    .join(' ');

const BY_NAME = new Map(
  COMMON_NAMES.flatMap((each) => each.names.map((name) => [normalisedName(name), each] as const)),
);

/** With either plural, and with its words as one: chillies, musk melon, egg plants. */
const BY_SPELLING = new Map(
  COMMON_NAMES.flatMap((each) =>
    each.names.flatMap((name) =>
      [name, `${name}es`].map((form) => [joined(normalisedName(form)), each] as const),
    ),
  ),
);

function joined(name: string): string {
  return name.replaceAll(' ', '');
}

/**
 * Looks up a common name, in whatever spelling, singular or plural; `undefined` when it is not known.
 *
 * @example findCommonName('Courgettes')?.crops // ['pepo']
 */
export function findCommonName(name: string): CommonName | undefined {
  const plain = normalisedName(name);
  return BY_NAME.get(plain) ?? BY_SPELLING.get(joined(plain));
}
