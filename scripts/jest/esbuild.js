const { createHash } = require('node:crypto');
const path = require('node:path');
const { transformSync, version } = require('esbuild');

const OPTIONS = {
  format: 'cjs',
  target: 'node20',
  sourcemap: 'inline',
  tsconfigRaw: {},
  jsx: 'automatic',
  define: { 'process.env.EXPO_OS': '"web"' },
  // Jest runs CommonJS: a module fetched on demand is simply required there.
  supported: { 'dynamic-import': false },
};
const LOADERS = { '.ts': 'ts', '.tsx': 'tsx' };

/**
 * Takes types and `import` out of a file and leaves the rest as Node runs it. Babel, set up for browsers, takes ten
 * times as long, and rewrites what Node knows, so that long loops take twice as long.
 */
module.exports = {
  process: (source, file) => ({
    code: transformSync(source, {
      ...OPTIONS,
      loader: LOADERS[path.extname(file)] ?? 'jsx',
      sourcefile: file,
    }).code,
  }),
  getCacheKey: (source, file) =>
    createHash('sha256')
      .update([version, JSON.stringify(OPTIONS), file, source].join('\0'))
      .digest('hex'),
};
