import { bin, run, unlessUnchanged } from '../lib.mjs';

/** Lives the seasons that tests read, unless nothing they come from has changed. */
unlessUnchanged('seasons', ['src/core', 'demo', 'testing/seasons.ts'], '.cache/seasons', () =>
  run(bin('tsx'), ['testing/liveSeasons.ts']),
);
