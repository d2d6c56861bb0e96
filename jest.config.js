const PLACES = require('./scripts/jest/places');

/** Core and other plain code, in Node. */
const core = ({ zone, now }) => ({
  displayName: `core, ${zone}`,
  testEnvironment: '<rootDir>/scripts/jest/nodePlaced.js',
  testEnvironmentOptions: { zone, now },
  setupFiles: ['<rootDir>/scripts/jest/date.ts', '<rootDir>/scripts/jest/properties.ts'],
  testMatch: [
    '<rootDir>/src/core/**/*.test.ts',
    '<rootDir>/demo/**/*.test.ts',
    '<rootDir>/server/**/*.test.ts',
    '<rootDir>/scripts/**/*.test.ts',
  ],
  transform: { '\\.[jt]sx?$': ['babel-jest', { caller: { name: 'metro', platform: 'web' } }] },
  transformIgnorePatterns: ['/node_modules/(?!(cdigit|@expo)/)'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
});

/** What draws or stores, in a browser-like world. */
const app = ({ zone, now }) => ({
  displayName: `app, ${zone}`,
  preset: 'jest-expo/web',
  testEnvironment: '<rootDir>/scripts/jest/browserPlaced.js',
  testEnvironmentOptions: { zone, now },
  testMatch: ['<rootDir>/src/{data,ui,screens,worker,app}/**/*.test.{ts,tsx}'],
  setupFiles: [
    'fake-indexeddb/auto',
    '<rootDir>/scripts/jest/structuredClone.ts',
    '<rootDir>/scripts/jest/textEncoder.ts',
    '<rootDir>/scripts/jest/date.ts',
    '<rootDir>/scripts/jest/properties.ts',
  ],
  transform: { '\\.mjs$': ['babel-jest', { caller: { name: 'metro', platform: 'web' } }] },
  transformIgnorePatterns: [
    'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|@rneui|idb|ulid|suncalc|@react-native-async-storage|react-native-svg|comlink|standard-navigation|d3-[a-z]+|internmap)/?)',
  ],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
});

/** The same tests at several places and dates, in one run. `npm run unit -- --selectProjects "core, UTC"` takes one. */
module.exports = { projects: PLACES.flatMap((place) => [core(place), app(place)]) };
