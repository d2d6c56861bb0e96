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

/** Names whose plural may end in -es. */
const IN_ES = /(o|i|s|x|z|ch|sh)$/;

/** With either plural, and with its words as one: chillies, musk melon, egg plants. */
const BY_SPELLING = new Map(
  COMMON_NAMES.flatMap((each) =>
    each.names.flatMap((name) =>
      [name, ...(IN_ES.test(name) ? [`${name}es`] : [])].map(
        (form) => [joined(normalisedName(form)), each] as const,
      ),
    ),
  ),
);

function joined(name: string): string {
  return name.replaceAll(' ', '');
}

/** Endings of plurals that are not English, and those of their singulars: Tomaten, zucche, pomodori, melões. */
const PLURALS: readonly (readonly [plural: string, singular: string])[] = [
  ['sse', 's'],
  ['oes', 'ao'],
  ['es', ''],
  ['en', ''],
  ['en', 'e'],
  ['n', ''],
  ['e', ''],
  ['e', 'a'],
  ['che', 'ca'],
  ['i', 'o'],
  ['i', 'e'],
  ['i', 'a'],
];
/** What is left of a shorter word may be anything. */
const LEAST_STEM = 3;

const exactly = (plain: string): CommonName | undefined =>
  BY_NAME.get(plain) ?? BY_SPELLING.get(joined(plain));

/**
 * Looks up a common name as it is, or in an English plural: part of a variety's own name may sound like another plural.
 *
 * @example findNameAsItIs('Corne') // undefined
 */
export const findNameAsItIs = (name: string): CommonName | undefined => exactly(normalisedName(name));

/** A name in the plural of another language; only what then is a known name counts. */
function byPlural(plain: string): CommonName | undefined {
  for (const [plural, singular] of PLURALS) {
    if (!plain.endsWith(plural) || plain.length - plural.length < LEAST_STEM) continue;
    const found = exactly(plain.slice(0, -plural.length) + singular);
    if (found) return found;
  }
  return undefined;
}

/**
 * Looks up a common name, in whatever spelling, singular or plural; `undefined` when it is not known.
 *
 * @example findCommonName('Courgettes')?.crops // ['pepo']
 */
export function findCommonName(name: string): CommonName | undefined {
  const plain = normalisedName(name);
  return exactly(plain) ?? byPlural(plain);
}
