import type { Bloom } from './state';

/**
 * Was a flower kept shut, or cut before it opened? Not one that was only marked.
 *
 * @example isCovered({ cover: { method: 'none', at } }) // false
 */
export const isCovered = <T extends Pick<Bloom, 'cover'>>(
  bloom: T,
): bloom is T & { readonly cover: NonNullable<Bloom['cover']> } =>
  bloom.cover !== undefined && bloom.cover.method !== 'none';
