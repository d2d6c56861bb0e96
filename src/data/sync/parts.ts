/** All that syncs, in one chunk: fetched by `useSync` when it is needed. */
export { syncerOf } from './syncer';
export { joinGarden, NothingThere } from './joinGarden';
export { takeHandOver } from './members';
export { readSpokenCode } from './gardenKey';
export { readInvitation, writeInvitation } from './invitation';
export { qrPath } from './qrPath';
export { HttpSyncServer, SyncError } from './syncServer';
