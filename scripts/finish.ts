import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';

/** What the server wants to find beside the pages that were built. */

const filesIn = (folder: string, ending: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((file) => file.endsWith(ending));

const pagesIn = (dist: string): string[] =>
  filesIn(dist, '.html').map((page) => readFileSync(path.join(dist, page), 'utf8'));

/** The hashes of inline scripts, for the server's policy. */
export function writePolicy(dist: string): void {
  const hashes = new Set<string>();
  for (const html of pagesIn(dist)) {
    for (const [, attributes = '', script = ''] of html.matchAll(/<script([^>]*)>([\s\S]*?)<\/script>/g)) {
      if (/\bsrc=/.test(attributes) || script === '') continue;
      hashes.add(`'sha256-${createHash('sha256').update(script).digest('base64')}'`);
    }
  }
  writeFileSync(path.join(dist, 'csp.json'), JSON.stringify({ scripts: [...hashes].sort() }, null, 2));
}

/** At the top of a script: V8 compiles all of it beside the page and keeps it so; to other engines it is a comment. */
const AT_ONCE = '//# allFunctionsCalledOnLoad\n';

/**
 * Has the scripts that pages load compiled whole. Else a browser compiles each function when it is first called, and what
 * it keeps of that for the next visit ends where the first one began to wait for its records.
 */
export function compileAtOnce(dist: string): void {
  const loaded = pagesIn(dist).flatMap((html) =>
    Array.from(html.matchAll(/<script src="\/([^"]+)"/g), ([, script]) => script!),
  );
  for (const script of new Set(loaded)) {
    const file = path.join(dist, script);
    writeFileSync(file, AT_ONCE + readFileSync(file, 'utf8'));
  }
}

/** Scripts as they are sent. */
export function compressScripts(dist: string): void {
  for (const script of filesIn(dist, '.js').filter((file) => file.startsWith('_expo'))) {
    const text = readFileSync(path.join(dist, script));
    writeFileSync(path.join(dist, `${script}.br`), brotliCompressSync(text));
    writeFileSync(path.join(dist, `${script}.gz`), gzipSync(text));
  }
}
