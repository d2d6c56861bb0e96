const { TestEnvironment } = require('jest-environment-node');

/** Plain Node. What asks for the machine's time or zone throws there, by `nowhere.ts`. */
module.exports = class NowhereEnvironment extends TestEnvironment {
  constructor(config, context) {
    // What the machine's zone decides, if it slips through, is wrong rather than right by chance.
    process.env.TZ = 'Pacific/Chatham';
    super(config, context);
    /** The embedded database, outside of the sandbox. */
    this.global.openPglite = async (...args) => (await import('@electric-sql/pglite')).PGlite.create(...args);
  }
};
