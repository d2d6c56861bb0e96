import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import path from 'node:path';
import { bin, ENV, install, ROOT } from './lib.mjs';

/**
 * Types, lint, imports, format, dead code and the build next to each other; unit tests; end-to-end tests. Each stage
 * prints its time and says when it is over its budget; what failed is named again at the end, with its reason; the
 * last line counts.
 */

const RESULTS = path.join(ROOT, 'test-results');
const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell';
const LONGEST_REASON = 2_000;
const SLOWEST_SHOWN = 10;

/** Seconds on two cores, with nothing built or cached; together less than twelve minutes. Why: docs/architecture.md. */
const BUDGET = { checks: 130, unit: 240, endToEnd: 330 };

let passed = 0;
/** Name and reason of what failed. */
const failures = [];
/** Name and seconds of every test file, and every end-to-end test. */
const times = [];

/** Installs a package of Debian's, unless what it brings is there. */
function need({ what, path: file, aptPackage, wantedBy }) {
  if (existsSync(file)) return;
  console.log(`Installing ${what} from Debian…`);
  const command = `apt-get update && apt-get install -y ${aptPackage}`;
  const { status } = spawnSync('sh', ['-c', command], { stdio: 'inherit' });
  if (status === 0 && existsSync(file)) return;
  console.error(`${wantedBy} need ${what}. Install it with:\n  sudo sh -c '${command}'`);
  process.exit(2);
}

async function stage(name, budget, job) {
  console.log(`\n— ${name}`);
  const start = Date.now();
  await job();
  const seconds = Math.round((Date.now() - start) / 1000);
  console.log(`— ${name}: ${seconds} s`);
  if (seconds > budget) console.log(`  OVER ITS BUDGET of ${budget} s: what is slow is named below.`);
}

/** Runs a command and gives its code and what it printed, printing it as well when asked to. */
function runFor(command, args, { print = true, env = {} } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      env: { ...ENV, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
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
  const start = Date.now();
  const { status, output } = await runFor(command, args, { print: false });
  if (status === 0) passed += 1;
  else fail(name, output);
  console.log(
    `${status === 0 ? 'passed' : 'FAILED'}: ${name} (${Math.round((Date.now() - start) / 1000)} s)`,
  );
}

const CACHE = ['--cache', '--cache-location', '.cache'];

/** What the next run need not look at again. */
const TYPES = ['--noEmit', '--incremental', '--tsBuildInfoFile'];

/** Each takes one core, the longest first. */
const CHECKS = [
  () => check('lint', bin('eslint'), [...CACHE, '--cache-strategy', 'content', '.']),
  () => check('types', bin('tsc'), [...TYPES, '.cache/types.tsbuildinfo']),
  () => check('build', process.execPath, ['-e', "import('./scripts/lib.mjs').then((lib) => lib.build())"]),
  () =>
    check('types of the core, without a browser or Node', bin('tsc'), [
      '-p',
      'tsconfig.core.json',
      ...TYPES,
      '.cache/types-core.tsbuildinfo',
    ]),
  () => check('code that nobody uses', bin('knip'), []),
  () => check('imports', bin('depcruise'), ['src', 'server', 'demo', 'testing', 'e2e', 'perf', 'soak']),
  () =>
    check('format', bin('prettier'), [
      '--check',
      '--log-level=warn',
      '--cache',
      '--cache-location=.cache/prettier',
      '.',
    ]),
];

/** Two at a time. */
async function checks() {
  const waiting = [...CHECKS];
  const lane = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) await next();
  };
  await Promise.all([lane(), lane()]);
}

const readResults = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : undefined);
const plain = (text = '') => text.replace(/\u001b\[[0-9;]*m/g, '');

async function unit() {
  const file = path.join(RESULTS, 'unit.json');
  rmSync(file, { force: true });
  const before = failures.length;
  const { status, output } = await runFor(
    bin('jest'),
    ['--maxWorkers=2', '--silent', '--reporters=default', '--reporters=./scripts/jest/report.js'],
    {
      env: { UNIT_RESULTS: file },
    },
  );
  const files = readResults(file);
  if (!files) return fail('unit tests', output);
  for (const { name, seconds, passed: held, failed, reason } of files) {
    passed += held;
    times.push({ name, seconds });
    for (const each of failed) fail(`${each.name} (${name})`, plain(each.reason));
    if (reason && failed.length === 0) fail(name, plain(reason));
  }
  if (status !== 0 && failures.length === before) fail('unit tests', output.slice(-LONGEST_REASON));
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
      const seconds = results.reduce((sum, { duration }) => sum + duration / 1000, 0);
      times.push({ name: `${spec.title} (${spec.file}, ${projectName})`, seconds });
      if (status === 'expected') passed += 1;
      // A skipped test has proved nothing.
      else
        fail(`${spec.title} (${spec.file}, ${projectName})`, plain(results.at(-1)?.error?.message ?? status));
    }
  }
  for (const { message } of result.errors) fail('end to end', plain(message));
}

install();
need({
  what: 'Chromium',
  path: CHROMIUM,
  aptPackage: 'chromium-headless-shell',
  wantedBy: 'The end-to-end tests',
});
need({
  what: 'PostgreSQL',
  path: '/usr/lib/postgresql',
  aptPackage: 'postgresql',
  wantedBy: 'The tests of the server',
});
mkdirSync(RESULTS, { recursive: true });
const start = Date.now();
await stage('types, lint, imports, format, build', BUDGET.checks, checks);
await stage('unit tests, at three places and dates', BUDGET.unit, unit);
await stage('end to end', BUDGET.endToEnd, endToEnd);
console.log('\nThe slowest:');
for (const { name, seconds } of times.sort((a, b) => b.seconds - a.seconds).slice(0, SLOWEST_SHOWN))
  console.log(`${seconds.toFixed(1).padStart(6)} s  ${name}`);
for (const { name, reason } of failures) console.log(`\nFAILED: ${name}\n${reason}`);
console.log(`\nIn ${Math.round((Date.now() - start) / 1000)} s.`);
console.log(`${passed} passed, ${failures.length} failed`);
process.exit(failures.length === 0 ? 0 : 1);
