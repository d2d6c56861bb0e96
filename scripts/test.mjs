import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { bin, build, install, ROOT, run } from './lib.mjs';

/** Types, lint, unit tests, end-to-end tests; the last line counts them. */

const RESULTS = path.join(ROOT, 'test-results');
const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
const INSTALL_CHROMIUM = 'apt-get update && apt-get install -y chromium';

/** Dates of the machine that must not matter: winter, summer, and the hour in which clocks go forward. */
const DATES = ['2026-01-15T10:00:00Z', '2026-07-15T03:30:00Z', '2026-03-29T01:30:00Z'];
const ZONES = ['UTC', 'Pacific/Auckland'];

let passed = 0;
let failed = 0;

function needChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium from Debian…');
  const { status } = spawnSync('sh', ['-c', INSTALL_CHROMIUM], { stdio: 'inherit' });
  if (status === 0 && existsSync(CHROMIUM)) return;
  console.error(`The end-to-end tests need Chromium. Install it with:\n  sudo sh -c '${INSTALL_CHROMIUM}'`);
  process.exit(2);
}

function check(name, command, args) {
  console.log(`\n— ${name}`);
  const ok = run(command, args, { quiet: true }).status === 0;
  if (ok) passed += 1;
  else failed += 1;
}

function unit(name, env = {}) {
  console.log(`\n— ${name}`);
  const file = path.join(RESULTS, 'unit.json');
  rmSync(file, { force: true });
  const args = ['--json', `--outputFile=${file}`, '--reporters=default', '--silent'];
  const { status } = run(bin('jest'), args, { quiet: true, env });
  const result = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined;
  passed += result?.numPassedTests ?? 0;
  failed += result ? result.numFailedTests + result.numRuntimeErrorTestSuites : 1;
  if (status !== 0 && result?.success) failed += 1;
}

function e2e(name, args, env = {}) {
  console.log(`\n— ${name}`);
  const file = path.join(RESULTS, 'e2e.json');
  rmSync(file, { force: true });
  run(bin('playwright'), ['test', ...args], { quiet: true, env });
  const stats = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')).stats : undefined;
  passed += (stats?.expected ?? 0) + (stats?.flaky ?? 0);
  failed += stats ? stats.unexpected + stats.skipped : 1;
  if (stats?.skipped > 0) console.log(`${stats.skipped} skipped, which counts as failed`);
  if (stats?.flaky > 0) console.log(`${stats.flaky} passed only at the second try`);
}

install();
needChromium();
mkdirSync(RESULTS, { recursive: true });
check('types', bin('tsc'), ['--noEmit']);
check('types of the core, without a browser or Node', bin('tsc'), ['-p', 'tsconfig.core.json']);
check('lint', bin('eslint'), ['.']);
check('format', bin('prettier'), ['--check', '--log-level=warn', '.']);
unit('unit tests');
for (const TZ of ZONES)
  for (const TEST_NOW of DATES) unit(`unit tests, ${TZ}, ${TEST_NOW}`, { TZ, TEST_NOW });
build();
e2e('end to end, phone and wide', []);
for (const E2E_ZONE of ZONES) {
  for (const E2E_NOW of DATES) {
    e2e(`one day end to end, ${E2E_ZONE}, ${E2E_NOW}`, ['day', '--project=phone'], {
      E2E_ZONE,
      E2E_NOW,
      TZ: E2E_ZONE,
    });
  }
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
