import { bin, build, install, run } from './lib.mjs';

install();
build();
run(bin('tsx'), ['soak/soak.ts']);
