import globals from 'globals';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

/** Which workspaces each may import; arrows run one way (docs/architecture.md). */
const WALLS = {
  core: [],
  contract: ['core'],
  server: ['contract', 'core'],
  web: ['contract', 'core'],
  demo: ['contract', 'core'],
  e2e: ['contract', 'core', 'server'],
  bench: ['contract', 'core', 'server', 'demo', 'web'],
};
const ALL = Object.keys(WALLS);

/** Outside packages that a workspace's sources must not use. */
const NOT_HERE = {
  core: ['react', 'react-dom', 'express', 'antd', 'pg', 'node:*', 'fs', 'path'],
  contract: ['react', 'antd', 'express', 'node:*'],
  server: ['react', 'antd'],
  web: ['express', 'pg', '@electric-sql/pglite', 'node:*'],
};

/** What a workspace may not import; a folder with rules of its own adds to these and never replaces them. */
const restrictions = (workspace) =>
  [
    ...ALL.filter((w) => w !== workspace && !WALLS[workspace].includes(w)).map((w) => ({
      group: [`@hurrow/${w}`, `@hurrow/${w}/*`],
      message: `${workspace} may not import ${w}; see docs/architecture.md.`,
    })),
    {
      regex: String.raw`^(\.\./)+(core|contract|server|web|demo)/`,
      message: 'Reach another workspace through its door.',
    },
    {
      group: NOT_HERE[workspace] ?? [],
      message: `This package has no place in ${workspace}.`,
    },
  ].filter((p) => p.regex || p.group.length > 0);

const wall = (workspace) => ({
  files: [`${workspace}/src/**/*.{ts,tsx}`],
  rules: { 'no-restricted-imports': ['error', { patterns: restrictions(workspace) }] },
});

/** Inside a workspace a folder is entered through its index; a web folder also through the parts that draw nothing. */
const FOLDER_DOOR = {
  selector:
    'ImportDeclaration[specifiers.length>0][source.value=/^(\\.\\.\\/)+[A-Za-z]+\\/(?!(index|model)\\.ts$)/]',
  message: 'Enter another folder through its index.ts.',
};

/** Bodies, parameters and answers get their types from the route table alone. */
const TYPED_ROUTES = [
  {
    selector: "TSAsExpression > MemberExpression[object.name='call'][property.name='body']",
    message: 'The route table says what a body is; take the call as CallOf<route>.',
  },
  {
    selector: 'CallExpression[callee.name=/^(useRead|useWrite|request|sendFile|sendText)$/][typeArguments]',
    message: 'The route table says what a route answers.',
  },
];

/** Controls of the instructor's application are those of Ant Design, by way of `parts` where there is one. */
const OWN_CONTROLS = [
  {
    selector: 'JSXOpeningElement[name.name=/^(button|progress|dialog)$/]',
    message: 'Take Button of Ant Design, CardButton or Dialog of parts.',
  },
  {
    selector: 'JSXOpeningElement[name.name=/^(select|textarea)$/]',
    message: 'Take Choose of parts, or a control of Ant Design.',
  },
  {
    selector:
      "JSXOpeningElement[name.name='input']:has(JSXAttribute[name.name='type'][value.value=/^(date|time|radio|checkbox|number|text)$/])",
    message: 'Take DayField of parts, or a control of Ant Design.',
  },
];

/** What may not be written in some files. One list for each, since a later one replaces an earlier one. */
const syntax = (files, ignores, ...rules) => ({
  files,
  ignores,
  rules: { 'no-restricted-syntax': ['error', ...rules] },
});

export default ts.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '**/.cache/**'] },
  ...ts.configs.recommended,
  ...ts.configs.stylistic,
  {
    rules: {
      eqeqeq: 'error',
      'no-console': 'error',
      'prefer-const': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { ignoreRestSiblings: true, varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
    },
  },
  {
    files: ['tools/**', 'demo/**', 'bench/**', 'e2e/**', 'server/src/main.ts'],
    rules: { 'no-console': 'off' },
  },
  { files: ['**/*.{js,mjs}'], languageOptions: { globals: globals.node } },
  ...ALL.map(wall),
  syntax(['core/src/**/*.ts'], ['**/*.test.ts'], FOLDER_DOOR),
  syntax(['server/src/**/*.ts'], ['**/*.test.ts'], FOLDER_DOOR, ...TYPED_ROUTES),
  // A phone loads as little as it can, so the walk takes single parts.
  syntax(
    ['web/src/**/*.{ts,tsx}'],
    ['**/*.test.ts', 'web/src/walk/**'],
    FOLDER_DOOR,
    ...TYPED_ROUTES,
    ...OWN_CONTROLS,
  ),
  syntax(['web/src/walk/**/*.{ts,tsx}'], ['**/*.test.ts'], ...TYPED_ROUTES),
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'Buffer',
        'setTimeout',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'core has no clock.' },
        { object: 'Math', property: 'random', message: 'core has no unseeded randomness.' },
      ],
    },
  },
  {
    files: ['web/src/walk/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            ...restrictions('web'),
            {
              regex: '^(joi|recharts|antd|antd/lib.*)$',
              message: 'The walk takes single parts of antd/es.',
            },
            {
              group: ['@hurrow/contract/schemas', '@hurrow/server', '@hurrow/server/*', '@hurrow/demo'],
              message: 'Not in the walk.',
            },
            { regex: 'antd/es/(table|date-picker|calendar|select|tree)', message: 'Too heavy for the walk.' },
          ],
        },
      ],
    },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      // It warns of what a compiler would skip; none is used here.
      'react-hooks/incompatible-library': 'off',
    },
  },
);
