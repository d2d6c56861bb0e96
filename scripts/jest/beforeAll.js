const { spawnSync } = require('node:child_process');
const path = require('node:path');

/** Once, before any test. */
module.exports = () => {
  const { status } = spawnSync(process.execPath, [path.join(__dirname, 'seasons.mjs')], { stdio: 'inherit' });
  if (status !== 0) throw new Error('the seasons could not be lived');
};
