import globals from 'globals';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Each call makes a table of a language anew, milliseconds on a phone. */
const SLOW_WORDS = ['toLocaleString', 'toLocaleDateString', 'toLocaleTimeString'].map((property) => ({
  property,
  message: 'Days and hours are said by core/units/day.ts.',
}));

export default tseslint.config(
  { ignores: ['dist/**', 'node_modules/**', 'coverage/**', 'reports/**', '.cache/**'] },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { globals: { ...globals.browser, ...globals.node } },
    rules: {
      // The compiler says so, and has to look anyway.
      '@typescript-eslint/no-unused-vars': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
      'max-lines': ['error', { max: 600, skipBlankLines: false }],
      eqeqeq: 'error',
    },
  },
  {
    // What can be read at one sight. Tables of knowledge and words are as long as they are.
    files: ['src/**/*.{ts,tsx}'],
    rules: { 'max-lines-per-function': ['error', { max: 80 }] },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/core/knowledge/**', 'src/core/words/**', 'src/core/gear/vocabulary.ts'],
    rules: { 'max-lines': ['error', { max: 350 }] },
  },
  {
    // Where React is: elsewhere there is nothing for these to read, and they read slowly.
    files: ['src/{app,ui,views,workers}/**/*.{ts,tsx}', 'src/main.tsx'],
    plugins: { 'react-hooks': reactHooks },
    rules: reactHooks.configs.recommended.rules,
  },
  {
    // The core is pure: no interface, no store, no clock, no chance.
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'indexedDB', 'localStorage', 'fetch', 'performance'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a seed in.' },
        { object: 'Date', property: 'now', message: 'Pass the time in.' },
        ...SLOW_WORDS,
      ],
    },
  },
  {
    // A library of all languages is slow to be asked.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/core/**'],
    rules: { 'no-restricted-properties': ['error', ...SLOW_WORDS] },
  },
  {
    // Controls, focus and keys have one home: docs/interface.md says which component serves.
    files: ['src/app/**/*.{ts,tsx}', 'src/views/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'recharts',
              importNames: ['ResponsiveContainer'],
              message: 'ChartPlace of src/ui draws charts in turn.',
            },
          ],
          patterns: [
            {
              group: ['react-aria*', 'react-stately*', '@internationalized/*'],
              message: 'Take a component of src/ui, or add one there.',
            },
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'JSXOpeningElement[name.name=/^(a|button|details|dialog|form|input|meter|option|progress|select|summary|table|textarea)$/]',
          message: 'No native control outside src/ui: docs/interface.md says which component serves.',
        },
        {
          selector:
            'MemberExpression[object.name="styled"][property.name=/^(a|button|details|dialog|form|input|meter|option|progress|select|summary|table|textarea)$/]',
          message: 'No native control outside src/ui: docs/interface.md says which component serves.',
        },
        {
          selector:
            'JSXAttribute[name.name=/^(on(Click|Key|Pointer|Mouse|Touch|Drag|Drop|Focus|Blur)[A-Za-z]*|tabIndex|draggable|role)$/]:not(JSXAttribute[name.name="role"][value.value=/^(alert|group|img|note|region|status|timer)$/])',
          message: 'Pressing, keys, focus and roles of controls live in src/ui.',
        },
        {
          selector: 'CallExpression[callee.property.name=/^(focus|blur)$/]',
          message: 'Focus is moved by src/ui/focus.ts.',
        },
        {
          selector: 'CallExpression[callee.property.name="addEventListener"][arguments.0.value=/^(key|pointer|mouse|touch)/]',
          message: 'Keys and pointers are heard in src/ui.',
        },
      ],
    },
  },
  prettier,
);
