import { findCommonName, findNameAsItIs } from './commonNames';
import type { CommonName } from './commonNameList';
import { otherPlantIn } from './otherPlants';

const MAX_WORDS = 4;

/** A common name among other words. */
interface NameAmong {
  readonly called: CommonName;
  /** The words besides it. */
  readonly others: readonly string[];
}

/**
 * The common name contained in a variety's own name: the longest run of its words, counted from the end, that is one.
 * A variety whose name says what it is should not end up under another species; a sweet potato is no potato, and in the
 * name of a cross the words are names of its parents, not of kinds.
 *
 * @example commonNameIn('Old Striped Butternut')?.crops // ['moschata']
 */
export const commonNameIn = (name: string): CommonName | undefined =>
  CROSS.test(name) ? undefined : nameAmong(name, findNameAsItIs)?.called;

const CROSS = /\s[×x]\s/i;

/**
 * The same of a kind, in the plural of other languages too, with the words besides it.
 *
 * @example nameAmong('Cherry tomato mix')?.others // ['mix']
 */
export function nameAmong(name: string, find = findCommonName): NameAmong | undefined {
  const words = name.trim().split(/[\s-]+/);
  const other = otherPlantIn(words);
  for (let length = Math.min(MAX_WORDS, words.length); length > 0; length -= 1) {
    for (let end = words.length; end >= length; end -= 1) {
      const from = end - length;
      if (other.slice(from, end).every(Boolean)) continue;
      const called = find(words.slice(from, end).join(' '));
      if (called) return { called, others: [...words.slice(0, from), ...words.slice(end)] };
    }
  }
  return undefined;
}
