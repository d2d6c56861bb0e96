import {
  unzipSync,
  zipSync,
  type FlateCallback,
  type Unzipped,
  type UnzipFileFilter,
  type Zippable,
} from 'fflate';

/**
 * What the packages for workbooks take for `fflate` (metro.config.js). The package zips large files in workers that it
 * makes of texts, which the page's policy of contents forbids; here it is done by whoever calls it, which is a worker.
 */
export { strFromU8, strToU8, Unzip, UnzipInflate, unzipSync, zipSync } from 'fflate';

type Unzip = (error: Error | null, files: Unzipped) => void;

export function zip(files: Zippable, done: FlateCallback): void {
  done(null as never, zipSync(files));
}

export function unzip(
  bytes: Uint8Array,
  ...rest: readonly [done: Unzip] | readonly [options: { readonly filter?: UnzipFileFilter }, done: Unzip]
): void {
  const [options, done] = rest.length === 1 ? [undefined, rest[0]] : rest;
  try {
    done(null, unzipSync(bytes, options));
  } catch (error) {
    done(error as Error, {});
  }
}
