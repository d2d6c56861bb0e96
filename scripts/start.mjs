import { bin, build, install, run } from './lib.mjs';

install();
build();
run(bin('tsx'), ['server/main.ts', ...process.argv.slice(2)]);
