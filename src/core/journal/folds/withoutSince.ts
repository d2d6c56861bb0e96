import type { Day } from '../../time/types';

/**
 * What an entry describes: since when it is so is of the entry that says it, and not of what is said next.
 *
 * @example withoutSince({ bed: 'b', since: '2026-07-01' }) // { bed: 'b' }
 */
export function withoutSince<T extends { readonly since?: Day } | undefined>(body: T): T {
  if (body?.since === undefined) return body;
  const { since: _since, ...rest } = body;
  return rest as T;
}
