/** Reference libraries of the Frictionless standards, as far as the tests use them. */
declare module 'datapackage' {
  export class Profile {
    static load(name: string): Promise<Profile>;
    validate(descriptor: object): { readonly valid: boolean; readonly errors: readonly Error[] };
  }
}

declare module 'tableschema' {
  export class Table {
    static load(
      rows: readonly (readonly string[])[],
      options: { readonly schema: object; readonly strict: true },
    ): Promise<Table>;
    read(options: {
      readonly keyed: true;
      readonly relations?: Readonly<Record<string, readonly object[]>>;
    }): Promise<Record<string, unknown>[]>;
  }
}
