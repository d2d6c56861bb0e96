import { openDatabase, type DatabaseOptions } from './database';
import { SyncStore } from './syncStore';

/** A database's store, opened by the first who needs it; where that fails the next one tries again. */
export function syncStoreIn(options: DatabaseOptions): () => Promise<SyncStore> {
  let opened: Promise<SyncStore> | undefined;
  return () => {
    opened ??= openDatabase(options).then((database) => new SyncStore(database));
    opened.catch(() => (opened = undefined));
    return opened;
  };
}
