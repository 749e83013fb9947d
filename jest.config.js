// Three projects. The core, storage, what runs beside the page, server and command line in plain Node; the parts of the
// interface under jest-expo, as React Native draws them; hooks, keys and what is in the page as a browser has it, in jsdom
// under jest-expo/web.
const { readFileSync } = require('node:fs');

/** For `npm test` many files are put together into few (scripts/together.mjs); by itself Jest runs each. */
const together = process.env.TESTS_TOGETHER ? JSON.parse(readFileSync(process.env.TESTS_TOGETHER, 'utf8')) : null;
const testsOf = (project, each) =>
  together ? [...together[project].alone, ...together[project].parts].map((file) => `<rootDir>/${file}`) : each;

const transformed =
  '(jest-)?react-native|@react-native|expo|@expo|@expo-google-fonts|react-navigation|@react-navigation|@rneui|@react-native-vector-icons|standard-navigation|ml-levenberg-marquardt|is-any-array|ml-matrix';

/**
 * Tests run in a context of their own, where every look at a global goes through an interceptor: these are handed in instead.
 * Measured side by side over all tests of the core: a fifth less.
 */
const sandboxInjectedGlobals =
  'Array Boolean Date Error Float64Array Infinity Intl JSON Map Math Number Object Promise RegExp Set String Symbol Uint8Array'.split(
    ' ',
  );

/** What both projects that draw the interface share. */
const drawn = {
  setupFilesAfterEnv: ['<rootDir>/test/setup-each.js'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^@react-native-vector-icons/material-design-icons$': '<rootDir>/src/ui/icons/family.tsx',
    '^(@react-native-vector-icons|react-native-vector-icons)/': '<rootDir>/test/no-icon-family.js',
  },
  transformIgnorePatterns: [`/node_modules/(?!(.pnpm|${transformed}))`, '/node_modules/@react-native/babel-preset/'],
};

module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      sandboxInjectedGlobals,
      setupFilesAfterEnv: ['<rootDir>/test/setup-each.js'],
      moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
      testMatch: testsOf('core', ['<rootDir>/test/{core,server,cli,background,data,build}/**/*.test.ts']),
      // Published as ES modules only.
      transformIgnorePatterns: ['/node_modules/(?!(ml-levenberg-marquardt|ml-matrix|is-any-array)/)'],
      // Plain TypeScript needs nothing of what makes it run in old browsers.
      transform: {
        '\\.(mjs|[jt]sx?)$': ['@swc/jest', { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } }],
      },
    },
    {
      displayName: 'ui',
      preset: 'jest-expo/ios',
      testMatch: testsOf('ui', ['<rootDir>/test/ui/**/*.test.{ts,tsx}']),
      ...drawn,
    },
    {
      displayName: 'web',
      preset: 'jest-expo/web',
      testMatch: testsOf('web', ['<rootDir>/test/web/**/*.test.{ts,tsx}']),
      ...drawn,
    },
  ],
};
