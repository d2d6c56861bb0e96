import type { Entry } from './entry';
import { isKind } from './kinds/kinds';
import { withBody } from './upcast';

/** A tag, and the bloom that an entry gives it to. */
export type TagNamed = readonly [code: string, bloom: string];

/**
 * The tags that an entry gives to blooms, whether it is in force or not.
 *
 * @example tagsNamed(tagged) // [['K00A', '01J…']]
 */
export function tagsNamed(entry: Entry): TagNamed[] {
  switch (entry.kind) {
    case 'covered':
    case 'emasculated':
      return entry.body.blooms.map(({ code, bloom }) => [code, bloom]);
    case 'stripped':
      return entry.body.kept.map(({ code, bloom }) => [code, bloom]);
    case 'tagged':
    case 'retagged':
      return [[entry.body.code, entry.body.bloom]];
    case 'amended':
      return isKind(entry.body.of)
        ? tagsNamed(withBody({ ...entry, kind: entry.body.of } as Entry, entry.body.body))
        : [];
    default:
      return [];
  }
}
