/**
 * The same object with some fields under new names; others, unknown ones among them, stay as they are.
 *
 * @example renamed({ kernel: 'pop', x: 1 }, { kernel: 'endosperm' }) // { x: 1, endosperm: 'pop' }
 */
export function renamed(fields: object, names: Readonly<Record<string, string>>): object {
  return Object.fromEntries(
    Object.entries(fields).map(([name, value]) => [Object.hasOwn(names, name) ? names[name] : name, value]),
  );
}

/**
 * The same with fields renamed at any depth, in arrays too.
 *
 * @example renamedThroughout({ flowers: [{ flower: 'f' }] }, { flowers: 'blooms', flower: 'bloom' }) // { blooms: [{ bloom: 'f' }] }
 */
export function renamedThroughout<T>(value: T, names: Readonly<Record<string, string>>): T {
  if (Array.isArray(value)) return value.map((each: unknown) => renamedThroughout(each, names)) as T;
  if (typeof value !== 'object' || value === null) return value;
  const within = Object.entries(value).map(([name, inner]) => [name, renamedThroughout(inner, names)]);
  return renamed(Object.fromEntries(within), names) as T;
}

/** Version 2 speaks of blooms, which may be more than one flower, and of the day they serve. */
const BLOOM_NAMES = { flower: 'bloom', flowers: 'blooms', morning: 'day' };

/** Brings a body that spoke of flowers and mornings up to version 2. */
export const upcastBlooms = <T>(body: object): T => renamedThroughout(body, BLOOM_NAMES) as T;
