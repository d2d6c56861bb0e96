const { projects } = require('../../jest.config.js');

/** The tests of what is mutated alone; the tool wraps the environment, to see which test reaches which mutant. */
const [{ displayName: _name, ...nowhere }] = projects;

module.exports = {
  ...nowhere,
  rootDir: '../..',
  testEnvironment: 'node',
  testMatch: [
    '<rootDir>/src/core/purity/**/*.test.ts',
    '<rootDir>/src/core/planning/isolationOf.test.ts',
    '<rootDir>/src/core/journal/{inForce,matingOf}.test.ts',
    '<rootDir>/src/core/due/{crossing,waysOfWorking}.test.ts',
    '<rootDir>/src/core/fruit/{controls,followed,harvested,swapped}.test.ts',
    '<rootDir>/src/core/season/seenFlowering.test.ts',
    '<rootDir>/src/core/years/*.test.ts',
  ],
};
