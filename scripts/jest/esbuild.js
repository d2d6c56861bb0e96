const { createHash } = require('node:crypto');
const path = require('node:path');
const { transformSync, version } = require('esbuild');

const OPTIONS = { format: 'cjs', target: 'node20', sourcemap: 'inline', tsconfigRaw: {} };
const LOADERS = { '.ts': 'ts', '.tsx': 'tsx' };

/**
 * Takes types and `import` out of a file and leaves the rest as Node runs it. Babel, set up for browsers, rewrites what
 * Node knows, and long loops then take twice as long.
 */
module.exports = {
  process: (source, file) => ({
    code: transformSync(source, {
      ...OPTIONS,
      loader: LOADERS[path.extname(file)] ?? 'js',
      sourcefile: file,
    }).code,
  }),
  getCacheKey: (source, file) =>
    createHash('sha256')
      .update([version, JSON.stringify(OPTIONS), file, source].join('\0'))
      .digest('hex'),
};
