type Names = Readonly<Record<string, string>>;

/**
 * The same object with some fields under new names; others, unknown ones among them, stay as they are.
 *
 * @example renamed({ kernel: 'pop', x: 1 }, { kernel: 'endosperm' }) // { endosperm: 'pop', x: 1 }
 */
export function renamed(fields: object, names: Names): object {
  const now: Record<string, unknown> = {};
  // A plain loop: every entry of an old journal passes here when it is loaded.
  for (const name in fields) {
    const value = (fields as Record<string, unknown>)[name];
    now[Object.hasOwn(names, name) ? names[name]! : name] = value;
  }
  return now;
}

/** Of version 1, which spoke of flowers where version 2 speaks of blooms: a bloom may be more than one flower. */
export interface Flower1 {
  readonly flower: string;
}
