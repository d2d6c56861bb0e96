const expo = require('eslint-config-expo/flat');

/** Folders from the bottom up: a layer imports itself and those named here, nothing above. */
const LAYERS = {
  core: ['core'],
  worker: ['core', 'worker'],
  data: ['core', 'worker', 'data'],
  ui: ['core', 'ui'],
  screens: ['core', 'worker', 'data', 'ui', 'screens'],
  app: ['core', 'worker', 'data', 'ui', 'screens', 'app'],
};
const SIDES = ['server', 'demo', 'e2e', 'perf', 'scripts', 'soak', 'testing'];
/** What tests may import besides. */
const OF_TESTS = ['demo', 'testing'];

/** @param sides folders next to src that no layer may import. */
const zonesFor = (sides) => [
  ...Object.entries(LAYERS).map(([layer, below]) => ({
    target: `./src/${layer}`,
    from: [
      ...Object.keys(LAYERS)
        .filter((other) => !below.includes(other))
        .map((other) => `./src/${other}`),
      ...sides.map((side) => `./${side}`),
    ],
    message: `src/${layer} may import only ${below.join(', ')}`,
  })),
  ...['server', 'demo'].map((side) => ({
    target: `./${side}`,
    from: Object.keys(LAYERS)
      .filter((layer) => layer !== 'core')
      .map((layer) => `./src/${layer}`),
    message: `${side} may import only src/core`,
  })),
];

const HIDDEN_CLOCK = [
  {
    selector: "MemberExpression[object.name='Date'][property.name='now']",
    message: 'Take the time as an argument; the clock is src/data/clock.ts.',
  },
  {
    selector: "NewExpression[callee.name='Date'][arguments.length=0]",
    message: 'Take the time as an argument; the clock is src/data/clock.ts.',
  },
  {
    selector: "MemberExpression[object.name='Math'][property.name='random']",
    message: 'Chance is an argument; see src/data/clock.ts.',
  },
  {
    selector:
      "NewExpression[callee.object.name='Intl'][callee.property.name='DateTimeFormat'][arguments.length=0]",
    message: 'Name the zone.',
  },
];

/** Contrast is tested for the pairs of the palette: a colour of its own would be seen by no test in the other light. */
const OWN_COLOUR = {
  selector: 'Literal[value=/^(#[0-9a-fA-F]{3,8}|(rgb|hsl)a?\\(.*)$/]',
  message: 'Colours are those of src/ui.',
};

/** Where no React is: its rules compile each file, which takes as long as all else. */
const WITHOUT_REACT = ['src/core', 'src/worker', 'server', 'demo', 'e2e', 'perf', 'soak', 'scripts'];
const RULES_OF_HOOKS = expo
  .flatMap(({ rules = {} }) => Object.keys(rules))
  .filter((rule) => rule.startsWith('react-hooks/'));

module.exports = [
  { ignores: ['dist/**', '.expo/**', '.cache/**', 'node_modules/**', 'public/**'] },
  ...expo,
  {
    rules: {
      'import/no-restricted-paths': ['error', { zones: zonesFor(SIDES) }],
      'no-console': 'error',
      eqeqeq: 'error',
      'expo/no-dynamic-env-var': 'off',
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
      // The types say it too, and this takes a third of the time.
      'import/namespace': 'off',
    },
  },
  {
    files: WITHOUT_REACT.map((folder) => `${folder}/**`),
    rules: Object.fromEntries(RULES_OF_HOOKS.map((rule) => [rule, 'off'])),
  },
  {
    // A new kind, reason or state must be answered wherever the others are.
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true, requireDefaultForNonUnion: false },
      ],
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx', 'demo/**/*.ts'],
    ignores: ['src/data/clock.ts'],
    rules: { 'no-restricted-syntax': ['error', ...HIDDEN_CLOCK] },
  },
  {
    files: ['src/screens/**/*.ts', 'src/screens/**/*.tsx', 'src/app/**/*.tsx'],
    rules: { 'no-restricted-syntax': ['error', ...HIDDEN_CLOCK, OWN_COLOUR] },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts'],
    rules: {
      // The core's packages: time zones, the sun, spaced repetition, the shape of the earth. Nothing else, and nothing of the interface.
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.|@date-fns/tz/tzOffset$|suncalc$|ts-fsrs$|geographiclib-geodesic$|geojson$)',
              message:
                'core imports core, the zones of @date-fns/tz, suncalc, ts-fsrs and geographiclib-geodesic only',
            },
          ],
        },
      ],
    },
  },
  {
    // Tests live in the demo's seasons, and share what lies in testing.
    files: ['**/*.test.ts', '**/*.test.tsx'],
    rules: {
      'import/no-restricted-paths': [
        'error',
        { zones: zonesFor(SIDES.filter((side) => !OF_TESTS.includes(side))) },
      ],
    },
  },
  {
    files: ['e2e/**'],
    rules: { 'react-hooks/rules-of-hooks': 'off' },
  },
  { files: ['scripts/**', 'perf/**', 'server/**', 'e2e/**', 'soak/**'], rules: { 'no-console': 'off' } },
];
