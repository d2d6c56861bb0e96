import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { bin, build, ENV, install, ROOT } from './lib.mjs';

/**
 * Types, lint, imports, format, unit tests, end-to-end tests. Each stage prints its time; what failed is named again
 * at the end, with its reason; the last line counts.
 */

const RESULTS = path.join(ROOT, 'test-results');
const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
const INSTALL_CHROMIUM = 'apt-get update && apt-get install -y chromium';
const LONGEST_REASON = 2_000;

let passed = 0;
/** Name and reason of what failed. */
const failures = [];

function needChromium() {
  if (existsSync(CHROMIUM)) return;
  console.log('Installing Chromium from Debian…');
  const { status } = spawnSync('sh', ['-c', INSTALL_CHROMIUM], { stdio: 'inherit' });
  if (status === 0 && existsSync(CHROMIUM)) return;
  console.error(`The end-to-end tests need Chromium. Install it with:\n  sudo sh -c '${INSTALL_CHROMIUM}'`);
  process.exit(2);
}

async function stage(name, job) {
  console.log(`\n— ${name}`);
  const start = Date.now();
  await job();
  console.log(`— ${name}: ${Math.round((Date.now() - start) / 1000)} s`);
}

/** Runs a command and gives its code and what it printed, printing it as well when asked to. */
function runFor(command, args, { print = true } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, env: ENV, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (data) => {
        output += data;
        if (print) process.stdout.write(data);
      });
    }
    child.on('close', (status) => resolve({ status, output }));
  });
}

function fail(name, reason) {
  failures.push({ name, reason: reason.trim().slice(0, LONGEST_REASON) });
}

/** A check that passes or fails as a whole. */
async function check(name, command, args) {
  const { status, output } = await runFor(command, args, { print: false });
  if (status === 0) passed += 1;
  else fail(name, output);
  console.log(`${status === 0 ? 'passed' : 'FAILED'}: ${name}`);
}

const CACHE = ['--cache', '--cache-location', '.cache'];

/** Checks that take one core each, two at a time. */
const staticChecks = () =>
  Promise.all([
    (async () => {
      await check('types', bin('tsc'), ['--noEmit']);
      await check('types of the core, without a browser or Node', bin('tsc'), ['-p', 'tsconfig.core.json']);
      await check('imports', bin('depcruise'), ['src', 'server', 'demo']);
    })(),
    (async () => {
      await check('lint', bin('eslint'), [...CACHE, '--cache-strategy', 'content', '.']);
      await check('format', bin('prettier'), [
        '--check',
        '--log-level=warn',
        '--cache',
        '--cache-location=.cache/prettier',
        '.',
      ]);
    })(),
  ]);

const readResults = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);
const plain = (text = '') => text.replace(/\u001b\[[0-9;]*m/g, '');

async function unit() {
  const file = path.join(RESULTS, 'unit.json');
  rmSync(file, { force: true });
  const args = ['--maxWorkers=2', '--json', `--outputFile=${file}`, '--reporters=default', '--silent'];
  const { status, output } = await runFor(bin('jest'), args);
  const result = readResults(file);
  if (!result) return fail('unit tests', output);
  passed += result.numPassedTests;
  for (const { name, status: state, message, assertionResults } of result.testResults) {
    const failed = assertionResults.filter((each) => each.status === 'failed');
    for (const each of failed)
      fail(`${each.fullName} (${path.relative(ROOT, name)})`, plain(each.failureMessages[0]));
    if (state === 'failed' && failed.length === 0) fail(path.relative(ROOT, name), plain(message));
  }
  if (status !== 0 && failures.length === 0) fail('unit tests', output.slice(-LONGEST_REASON));
}

/** The tests of a suite of Playwright's report, however deep. */
const specsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)];

async function endToEnd() {
  const file = path.join(RESULTS, 'e2e.json');
  rmSync(file, { force: true });
  const { output } = await runFor(bin('playwright'), ['test']);
  const result = readResults(file);
  if (!result) return fail('end to end', output);
  for (const spec of result.suites.flatMap(specsOf)) {
    for (const { status, projectName, results } of spec.tests) {
      if (status === 'expected') passed += 1;
      // A skipped test has proved nothing.
      else
        fail(`${spec.title} (${spec.file}, ${projectName})`, plain(results.at(-1)?.error?.message ?? status));
    }
  }
  for (const { message } of result.errors) fail('end to end', plain(message));
}

install();
needChromium();
mkdirSync(RESULTS, { recursive: true });
const start = Date.now();
await stage('types, imports, lint, format', staticChecks);
await stage('unit tests, at three places and dates', unit);
await stage('build', build);
await stage('end to end', endToEnd);
for (const { name, reason } of failures) console.log(`\nFAILED: ${name}\n${reason}`);
console.log(`\nIn ${Math.round((Date.now() - start) / 1000)} s.`);
console.log(`${passed} passed, ${failures.length} failed`);
process.exit(failures.length === 0 ? 0 : 1);
