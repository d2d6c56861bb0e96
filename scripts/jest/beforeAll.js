const { spawnSync } = require('node:child_process');

/** Once, before any test. */
module.exports = () => {
  const { status } = spawnSync(process.execPath, [require.resolve('./seasons.mjs')], { stdio: 'inherit' });
  if (status !== 0) throw new Error('the seasons could not be lived');
};
