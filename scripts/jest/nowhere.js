const { TestEnvironment } = require('jest-environment-node');

/** An odd zone for what slips through: what the machine's zone decides is then wrong rather than right by chance. */
process.env.TZ = 'Pacific/Chatham';

/** Plain Node. What asks for the machine's time or zone throws there, by `nowhere.ts`. */
module.exports = TestEnvironment;
