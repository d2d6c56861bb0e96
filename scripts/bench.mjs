import { bin, build, install, run } from './lib.mjs';

install();
build();
run(bin('tsx'), ['--tsconfig', 'tsconfig.json', 'perf/bench.ts']);
