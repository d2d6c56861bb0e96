import { kindCalled, type Kind } from './kinds';

const LONGEST_KIND_WORDS = 4;

/**
 * The kind that a variety's own name speaks of: the longest run of its words, counted from the end, that is the name
 * of one. A name that gives the kind away should not end up with another species.
 *
 * @example kindInName('Old Striped Butternut')?.crops // ['moschata']
 */
export function kindInName(name: string): Kind | undefined {
  const words = name.trim().split(/\s+/);
  for (let length = Math.min(LONGEST_KIND_WORDS, words.length); length > 0; length -= 1) {
    for (let end = words.length; end >= length; end -= 1) {
      const found = kindCalled(words.slice(end - length, end).join(' '));
      if (found) return found;
    }
  }
  return undefined;
}
