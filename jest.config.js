/** Two projects: the core and other plain code in node, what draws or stores in a browser-like world. */
module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      setupFiles: ['<rootDir>/scripts/jest.date.ts'],
      testMatch: [
        '<rootDir>/src/core/**/*.test.ts',
        '<rootDir>/demo/**/*.test.ts',
        '<rootDir>/server/**/*.test.ts',
      ],
      transform: { '\\.[jt]sx?$': ['babel-jest', { caller: { name: 'metro', platform: 'web' } }] },
      transformIgnorePatterns: ['/node_modules/(?!(cdigit|@expo)/)'],
      moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
    },
    {
      displayName: 'app',
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/src/{data,ui,screens,worker,app}/**/*.test.{ts,tsx}'],
      setupFiles: [
        'fake-indexeddb/auto',
        '<rootDir>/scripts/jest.setup.ts',
        '<rootDir>/scripts/jest.date.ts',
      ],
      transformIgnorePatterns: [
        'node_modules/(?!((jest-)?react-native|@react-native(-community)?|expo(nent)?|@expo(nent)?/.*|@expo-google-fonts/.*|react-navigation|@react-navigation/.*|@rneui|idb|ulid|suncalc|@react-native-async-storage|react-native-svg|comlink|standard-navigation)/?)',
      ],
      moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
    },
  ],
};
