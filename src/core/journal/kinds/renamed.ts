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
