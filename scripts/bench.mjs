import { bin, build, install, run } from './lib.mjs';

install();
build();
// Bundled as the app is: what a loader of TypeScript adds to every call would be timed with it.
const bundle = '.cache/bench.cjs';
run(bin('esbuild'), [
  'perf/bench.ts',
  '--bundle',
  '--platform=node',
  '--packages=external',
  '--log-level=warning',
  `--outfile=${bundle}`,
]);
run(process.execPath, [bundle, ...process.argv.slice(2)]);
