const METRO = { caller: { name: 'metro', platform: 'web' } };

const shared = {
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1', '^@testing/(.*)$': '<rootDir>/testing/$1' },
};

/**
 * Drawings, charts, sentences and limits are computed apart from what draws or stores, and are told the hour: they are
 * tested like the core.
 */
const COMPUTED = [
  'src/{core,worker}/**/*.test.ts',
  'src/ui/**/*.test.ts',
  'src/screens/{words,format}/**/*.test.ts',
  'src/data/schema/**/*.test.ts',
  'src/data/places/countryHabits.test.ts',
];

/** In Node, where asking for the machine's time or zone throws: one run of it says what several places would. */
const nowhere = {
  ...shared,
  displayName: 'nowhere',
  testEnvironment: '<rootDir>/scripts/jest/nowhere.js',
  setupFiles: ['<rootDir>/scripts/jest/nowhere.ts', '<rootDir>/scripts/jest/properties.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/src/ui/theme.test.ts'],
  testMatch: [
    ...COMPUTED.map((glob) => `<rootDir>/${glob}`),
    '<rootDir>/{demo,server,testing}/**/*.test.ts',
    '<rootDir>/scripts/jest/nowhere.test.ts',
  ],
  transform: { '\\.m?[jt]sx?$': '<rootDir>/scripts/jest/esbuild.js' },
  transformIgnorePatterns: ['/node_modules/(?!(cdigit|@expo|d3-[a-z-]+|internmap)/)'],
};

/** In a browser-like world. */
const browser = {
  ...shared,
  preset: 'jest-expo/web',
  testEnvironment: '<rootDir>/scripts/jest/placed.js',
  setupFiles: [
    'fake-indexeddb/auto',
    '<rootDir>/scripts/jest/structuredClone.ts',
    '<rootDir>/scripts/jest/textEncoder.ts',
    '<rootDir>/scripts/jest/date.ts',
    '<rootDir>/scripts/jest/properties.ts',
  ],
  transform: { '\\.mjs$': ['babel-jest', METRO] },
  transformIgnorePatterns: [
    'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|@rneui|idb|ulid|suncalc|@react-native-async-storage|react-native-svg|comlink|standard-navigation|d3-[a-z]+|internmap)/?)',
  ],
};

/** Screens that show neither hours nor days: one place will do. Any other is tested at all of `places.js`. */
const TIMELESS = ['bench', 'guide', 'identify', 'practice', 'shell', 'table'].map((place) => `screens/${place}`);

const inBrowser = {
  ...browser,
  displayName: 'browser',
  testMatch: [
    ...['ui', ...TIMELESS].map((folder) => `<rootDir>/src/${folder}/**/*.test.tsx`),
    '<rootDir>/src/ui/theme.test.ts',
    '<rootDir>/src/data/log/**/*.test.ts',
  ],
};

const placed = {
  ...browser,
  displayName: 'placed',
  testMatch: ['<rootDir>/src/{data,screens}/**/*.test.{ts,tsx}', '<rootDir>/scripts/jest/placed.test.ts'],
  testPathIgnorePatterns: [
    '/node_modules/',
    ...TIMELESS.map((folder) => `/src/${folder}/`),
    '/src/screens/(words|format)/.*\\.test\\.ts$',
    '/src/data/(schema|log)/',
    '/src/data/places/countryHabits.test.ts',
  ],
};

module.exports = { globalSetup: '<rootDir>/scripts/jest/beforeAll.js', projects: [nowhere, inBrowser, placed] };
