import { bin, build, install, run } from './lib.mjs';

/**
 * The long run of what `npm test` does shortly, with other numbers each time it is asked for. Nothing but this machine is
 * spoken to. Its figures are kept in docs/reliability.md.
 */
install();
build();
// Rule 5 of evidence, and the second reading of the table, over many more gardens than in `npm test`.
run(
  bin('jest'),
  [
    '--selectProjects',
    'nowhere',
    '--testPathPattern',
    'purity/(monotone|sequences)',
    '--testTimeout',
    '3600000',
  ],
  { env: { PROPERTY_SEED: 'any', PROPERTY_RUNS: '5000', SEQUENCES: '100000' } },
);
run(bin('playwright'), ['test', '--config', 'soak/playwright.config.ts']);
run(bin('tsx'), ['soak/main.ts']);
