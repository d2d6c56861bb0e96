/**
 * The same object with some fields under new names; others, unknown ones among them, stay as they are.
 *
 * @example renamed({ kernel: 'pop', x: 1 }, { kernel: 'endosperm' }) // { endosperm: 'pop', x: 1 }
 */
export function renamed(fields: object, names: Readonly<Record<string, string>>): object {
  return Object.fromEntries(
    Object.entries(fields).map(([name, value]) => [Object.hasOwn(names, name) ? names[name] : name, value]),
  );
}

/** Of version 1, which spoke of flowers where version 2 speaks of blooms: a bloom may be more than one flower. */
export interface Flower1 {
  readonly flower: string;
}
