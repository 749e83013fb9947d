const { defineConfig } = require('eslint/config');
const globals = require('globals');

const expo = require('eslint-config-expo/flat');

const ofReact = expo.flatMap(({ rules = {} }) => Object.keys(rules)).filter((rule) => /^react(-hooks)?\//.test(rule));

/** Rules by which React's compiler reads a file: two thirds of the time of all rules. */
const ofCompiler = ofReact.filter(
  (rule) => rule.startsWith('react-hooks/') && !/(rules-of-hooks|exhaustive-deps)$/.test(rule),
);
const off = (rules) => Object.fromEntries(rules.map((rule) => [rule, 'off']));

module.exports = defineConfig([
  expo,
  { ignores: ['dist/**', '.expo/**', '.cache/**', 'expo-env.d.ts', 'node_modules/**'] },
  { files: ['test/**'], languageOptions: { globals: { ...globals.jest, ...globals.node } } },
  {
    files: ['*.config.js', '.dependency-cruiser.cjs', 'scripts/**', 'babel.config.js'],
    languageOptions: { globals: globals.node },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/ban-ts-comment': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'prefer-const': 'error',
      'no-console': ['error', { allow: ['error', 'warn'] }],
      // The compiler says what is not used (noUnusedLocals).
      '@typescript-eslint/no-unused-vars': 'off',
      // The compiler knows what a module exports; here it would be worked out a second time.
      'import/namespace': 'off',
      'import/named': 'off',
      'import/default': 'off',
      'import/export': 'off',
      'import/no-unresolved': 'off',
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
    },
  },
  { files: ['cli/**', 'server/**', 'scripts/**'], rules: { 'no-console': 'off' } },
  {
    // No React is there (npm run layers).
    files: [
      '{src/core,src/workers,cli,server,scripts,test/core,test/data,test/server,test/cli,test/build,e2e}/**/*.ts',
    ],
    rules: off(ofReact),
  },
  // What is never compiled for a screen, and sentences.
  { files: ['test/**', 'src/**/words.ts'], rules: off(ofCompiler) },
]);
