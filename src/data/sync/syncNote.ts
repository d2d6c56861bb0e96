/** Under what name a device remembers that a garden syncs. */
export const syncNote = (garden: string): string => `sync/${garden}`;
