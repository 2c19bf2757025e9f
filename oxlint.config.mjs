// What is wrong in a file by itself, by the walls between folders, by the rules of React's compiler and by its types, in one pass.
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
const syntax = (files, excludeFiles, ...rules) => ({
  files,
  excludeFiles,
  rules: { 'eslint-js/no-restricted-syntax': ['error', ...rules] },
});

/** Rules of the plain language and of TypeScript that hold everywhere. */
const EVERYWHERE = {
  eqeqeq: 'error',
  'no-console': 'error',
  'no-array-constructor': 'error',
  'no-empty-function': 'error',
  'no-unused-expressions': 'error',
  'no-unused-vars': ['error', { ignoreRestSiblings: true, varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
  'no-var': 'error',
  'prefer-const': 'error',
  'prefer-rest-params': 'error',
  'prefer-spread': 'error',
  ...Object.fromEntries(
    [
      ...['adjacent-overload-signatures', 'array-type', 'ban-ts-comment', 'ban-tslint-comment'],
      ...[
        'class-literal-property-style',
        'consistent-generic-constructors',
        'consistent-indexed-object-style',
      ],
      ...['consistent-type-assertions', 'consistent-type-definitions', 'consistent-type-imports'],
      ...['no-confusing-non-null-assertion', 'no-duplicate-enum-values', 'no-empty-object-type'],
      ...['no-explicit-any', 'no-extra-non-null-assertion', 'no-inferrable-types', 'no-misused-new'],
      ...['no-namespace', 'no-non-null-asserted-optional-chain', 'no-require-imports', 'no-this-alias'],
      ...['no-unnecessary-type-constraint', 'no-unsafe-declaration-merging', 'no-unsafe-function-type'],
      ...['no-wrapper-object-types', 'prefer-as-const', 'prefer-for-of', 'prefer-function-type'],
      ...['prefer-namespace-keyword', 'triple-slash-reference'],
      // What follows only the types of a file tell.
      'no-floating-promises',
    ].map((rule) => [`typescript/${rule}`, 'error']),
  ),
  'typescript/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
  'typescript/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
  // Of the rules for plain mistakes these speak mostly where there is none.
  ...Object.fromEntries(
    [
      ...['eslint/no-control-regex', 'typescript/no-base-to-string', 'typescript/no-misused-spread'],
      ...['typescript/no-useless-default-assignment', 'typescript/require-array-sort-compare'],
      ...['typescript/restrict-template-expressions', 'typescript/unbound-method'],
    ].map((rule) => [rule, 'off']),
  ),
};

/** What React asks of hooks, and what its compiler asks of the rest. */
const REACT = Object.fromEntries(
  [
    ...['rules-of-hooks', 'exhaustive-deps', 'static-components', 'use-memo', 'preserve-manual-memoization'],
    ...['immutability', 'globals', 'refs', 'set-state-in-effect', 'error-boundaries', 'purity'],
    ...['set-state-in-render', 'unsupported-syntax'],
  ].map((rule) => [`react/${rule}`, 'error']),
);

export default {
  plugins: ['eslint', 'typescript', 'react'],
  // Rules that are not built in, by their own code.
  jsPlugins: [{ name: 'eslint-js', specifier: 'oxlint-plugin-eslint' }],
  categories: { correctness: 'error' },
  ignorePatterns: ['**/dist/**', '**/.cache/**'],
  rules: EVERYWHERE,
  overrides: [
    {
      files: ['tools/**', 'demo/**', 'bench/**', 'e2e/**', 'server/src/main.ts'],
      rules: { 'no-console': 'off' },
    },
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
      excludeFiles: ['**/*.test.ts'],
      rules: {
        'no-restricted-globals': [
          'error',
          ...['window', 'document', 'process', 'fetch', 'Buffer', 'setTimeout', 'performance'],
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
              {
                regex: 'antd/es/(table|date-picker|calendar|select|tree)',
                message: 'Too heavy for the walk.',
              },
            ],
          },
        ],
      },
    },
    // The compiler itself is not used, so that it need not be told what it would skip.
    { files: ['web/src/**/*.{ts,tsx}'], rules: { ...REACT, 'react/incompatible-library': 'off' } },
  ],
};
