/**
 * A test environment in a time zone and at a date of its own, `testEnvironmentOptions: { zone, now }`. The zone is set
 * before the tests' own world is made; the date is applied in it by `date.ts`.
 */
module.exports = (Environment) =>
  class PlacedEnvironment extends Environment {
    constructor(config, context) {
      const { zone, now } = config.projectConfig.testEnvironmentOptions;
      process.env.TZ = zone;
      super(config, context);
      this.global.testNow = now;
    }
  };
