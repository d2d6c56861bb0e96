const { TestEnvironment } = require('jest-environment-jsdom');

/** A browser-like world in a zone and at a date. The date is applied in it by `date.ts`. */
module.exports = class PlacedEnvironment extends TestEnvironment {
  constructor(config, context) {
    const { zone, now } = config.projectConfig.testEnvironmentOptions.place;
    // Before the tests' own world is made.
    process.env.TZ = zone;
    super(config, context);
    this.global.testNow = now;
  }
};
