/** A file holds entries that stand here with another content. */
export class ChangedEntries extends Error {
  constructor(readonly ids: readonly string[]) {
    super(`${ids.length} entries stand here with another content`);
  }
}
