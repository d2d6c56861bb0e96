import { findCommonName } from './commonNames';
import type { CommonName } from './commonNameList';

const MAX_WORDS = 4;

/**
 * The common name contained in a variety's own name: the longest run of its words, counted from the end, that is one.
 * A variety whose name says what it is should not end up under another species.
 *
 * @example commonNameIn('Old Striped Butternut')?.crops // ['moschata']
 */
export function commonNameIn(name: string): CommonName | undefined {
  const words = name.trim().split(/\s+/);
  for (let length = Math.min(MAX_WORDS, words.length); length > 0; length -= 1) {
    for (let end = words.length; end >= length; end -= 1) {
      const found = findCommonName(words.slice(end - length, end).join(' '));
      if (found) return found;
    }
  }
  return undefined;
}
