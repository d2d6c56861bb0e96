import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

/** Plain Node, no packages: these run before anything is installed. */

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');
const CACHE = path.join(ROOT, '.cache');
/** The tools must not wait for a network. */
export const ENV = { ...process.env, EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1', CI: process.env.CI ?? '1' };

/** Runs a command in the project; ends the program with its code when it fails, unless `quiet`. */
export function run(command, args, { env = {}, quiet = false, ...options } = {}) {
  const result = spawnSync(command, args, {
    cwd: ROOT,
    stdio: 'inherit',
    env: { ...ENV, ...env },
    ...options,
  });
  if (!quiet && result.status !== 0) process.exit(result.status ?? 1);
  return result;
}

export const bin = (name) => path.join(ROOT, 'node_modules', '.bin', name);

function filesBelow(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const full = path.join(folder, entry.name);
    return entry.isDirectory() ? filesBelow(full) : [full];
  });
}

function stampOf(paths) {
  const hash = createHash('sha256');
  for (const each of paths) {
    const full = path.join(ROOT, each);
    if (!existsSync(full)) continue;
    const files = statSync(full).isDirectory() ? filesBelow(full).sort() : [full];
    for (const file of files)
      hash.update(path.relative(ROOT, file)).update('\0').update(readFileSync(file)).update('\0');
  }
  return hash.digest('hex');
}

/** Does a job unless its inputs are as they were when it last succeeded. */
export function unlessUnchanged(name, inputs, output, job) {
  const file = path.join(CACHE, `${name}.stamp`);
  const stamp = stampOf(inputs);
  if (existsSync(file) && readFileSync(file, 'utf8') === stamp && existsSync(path.join(ROOT, output))) return;
  job();
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(file, stamp);
}

export function install() {
  unlessUnchanged('install', ['package-lock.json'], 'node_modules/.package-lock.json', () => {
    console.log('Installing packages…');
    // Not `npm ci`: it refuses lock files that lack the optional binaries of other platforms.
    run('npm', ['install', '--no-save', '--no-fund', '--no-audit', '--loglevel=error']);
  });
}

const BUILD_INPUTS = [
  'src',
  'demo',
  'public',
  'scripts/build.ts',
  'app.config.js',
  'babel.config.js',
  'metro.config.js',
  'package-lock.json',
];

/** What only one page needs of packages lies beside the pages: bundled, every page would wait for it. */
const FROM_PACKAGES = {
  'grid.css': 'react-datasheet-grid/dist/style.css',
  'AtkinsonHyperlegibleNext_400Regular.ttf':
    '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  'AtkinsonHyperlegibleNext_600SemiBold.ttf':
    '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf',
  'Bitter_700Bold.ttf': '@expo-google-fonts/bitter/700Bold/Bitter_700Bold.ttf',
};

export function copyFromPackages() {
  const folder = path.join(ROOT, 'public', 'packages');
  mkdirSync(folder, { recursive: true });
  for (const [name, file] of Object.entries(FROM_PACKAGES))
    copyFileSync(path.join(ROOT, 'node_modules', file), path.join(folder, name));
}

export function build() {
  copyFromPackages();
  unlessUnchanged('build', BUILD_INPUTS, 'dist/csp.json', () => {
    console.log('Building the app… (the first build takes some minutes)');
    run(bin('tsx'), ['scripts/build.ts']);
  });
}
