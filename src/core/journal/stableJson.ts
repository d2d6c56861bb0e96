/**
 * JSON with the keys of every object in order: equal text for equal content.
 *
 * @example stableJson({ b: 1, a: [2] }) // '{"a":[2],"b":1}'
 */
export function stableJson(value: unknown): string {
  return JSON.stringify(value, (_key, inner: unknown) =>
    inner !== null && typeof inner === 'object' && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
}
