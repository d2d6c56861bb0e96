const { PLACES } = require('./scripts/jest/places');

const METRO = { caller: { name: 'metro', platform: 'web' } };

/** Paths below src: of a folder, with all in it, or of a file. */
const globsOf = (paths) =>
  paths.map((each) => `<rootDir>/src/${each.endsWith('/') ? `${each}**/*.test.{ts,tsx}` : each}`);
const except = (paths) => ['/node_modules/', ...paths.map((each) => `/src/${each}`)];

/**
 * Where the machine's time and zone are not asked for, since both are arguments: the core, and what is computed apart
 * from what draws or stores.
 */
const NOWHERE = [
  ...['core/', 'worker/', 'ui/charts/', 'ui/flowers/', 'ui/plan/plan.test.ts', 'screens/words/'],
  ...['screens/format/', 'screens/garden/nameSearch.test.ts', 'screens/fruit/setRateWords.test.ts'],
  ...[
    'data/schema/',
    'data/sync/',
    'data/paper/',
    'data/files/calendar.test.ts',
    'data/places/countryHabits.test.ts',
  ],
];

/** What shows neither hours nor days of its own: one place will do. All else is tested at each of `places.js`. */
const ONE_PLACE = [
  ...[
    'ui/',
    'screens/blossoms/',
    'screens/more/',
    'screens/garden/',
    'screens/guide/',
    'screens/identify/',
    'screens/practice/',
  ],
  ...['screens/shell/', 'screens/table/', 'data/log/', 'data/places/', 'data/garden/damage.test.ts'],
  ...[
    'data/files/csv.test.ts',
    'data/files/tables/',
    'data/files/writeSvg.test.ts',
    'data/files/mutations.test.ts',
    'screens/round/chores.test.tsx',
    'screens/round/stops.test.tsx',
    'screens/seed/seed.test.tsx',
    'screens/fruit/figures.test.tsx',
    'screens/fruit/oneFruit.test.tsx',
    'screens/walk/expectation.test.tsx',
    'screens/walk/plant.test.tsx',
  ],
];

const shared = {
  // In a sandbox every look at a global asks the sandbox first: in long loops that takes ten times as long as the loop.
  sandboxInjectedGlobals: [
    'Math',
    'Object',
    'Array',
    'Number',
    'JSON',
    'Infinity',
    'Float64Array',
    'Int32Array',
    'Uint8Array',
    'Uint16Array',
  ],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^@testing/(.*)$': '<rootDir>/testing/$1' },
};

/** In Node, where asking for the machine's time or zone throws: stricter than any number of places. */
const nowhere = {
  ...shared,
  displayName: 'nowhere',
  testEnvironment: '<rootDir>/scripts/jest/nowhere.js',
  setupFiles: ['<rootDir>/scripts/jest/nowhere.ts', '<rootDir>/scripts/jest/properties.ts'],
  testMatch: [
    ...globsOf(NOWHERE),
    '<rootDir>/{demo,server,testing}/**/*.test.ts',
    '<rootDir>/scripts/jest/nowhere.test.ts',
  ],
  moduleNameMapper: {
    ...shared.moduleNameMapper,
    // It imports parts of itself as it runs, which a sandbox does not allow.
    '^@electric-sql/pglite$': '<rootDir>/scripts/jest/pglite.js',
  },
  transform: { '\\.m?[jt]sx?$': '<rootDir>/scripts/jest/esbuild.js' },
  transformIgnorePatterns: ['/node_modules/(?!(cdigit|@expo|d3-[a-z-]+|internmap|ulid)/)'],
};

/** In a browser-like world. */
const browser = {
  ...shared,
  preset: 'jest-expo/web',
  moduleNameMapper: {
    ...shared.moduleNameMapper,
    '^react-native$': 'react-native-web',
    // Its build for browsers zips in workers made of texts: see metro.config.js.
    '^fflate$': '<rootDir>/node_modules/fflate/lib/node.cjs',
  },
  testEnvironment: '<rootDir>/scripts/jest/placed.js',
  setupFiles: [
    'fake-indexeddb/auto',
    '<rootDir>/scripts/jest/structuredClone.ts',
    '<rootDir>/scripts/jest/textEncoder.ts',
    '<rootDir>/scripts/jest/date.ts',
    '<rootDir>/scripts/jest/properties.ts',
  ],
  transform: {
    // Types that only Babel reads.
    '@react-native/assets-registry/': ['babel-jest', METRO],
    '\\.m?[jt]sx?$': '<rootDir>/scripts/jest/esbuild.js',
  },
  // One name for all: what was compiled for one place is not compiled again for the next.
  id: 'browser',
  transformIgnorePatterns: [
    'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|@rneui|idb|ulid|suncalc|@react-native-async-storage|react-native-svg|comlink|nanoid|ics|standard-navigation|d3-[a-z]+|internmap)/?)',
  ],
};

const onePlace = {
  ...browser,
  testEnvironmentOptions: { place: PLACES[0] },
  displayName: 'one place',
  testMatch: globsOf(ONE_PLACE),
  testPathIgnorePatterns: except(NOWHERE),
};

const placedAt = (place) => ({
  ...browser,
  testEnvironmentOptions: { place },
  displayName: place.zone,
  testMatch: [...globsOf(['app/', 'data/', 'screens/']), '<rootDir>/scripts/jest/placed.test.ts'],
  testPathIgnorePatterns: except([...NOWHERE, ...ONE_PLACE]),
});

module.exports = {
  globalSetup: '<rootDir>/scripts/jest/beforeAll.js',
  projects: [nowhere, onePlace, ...PLACES.map(placedAt)],
};
