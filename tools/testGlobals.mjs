const GLOBALS = ['describe', 'test', 'expect', 'beforeAll', 'afterAll', 'beforeEach', 'afterEach'];
const source = GLOBALS.map((name) => `export const ${name} = globalThis.${name};`).join('\n');

/** Answers `@jest/globals` with what the runner put on the global object. */
export const resolve = (specifier, context, next) =>
  specifier === '@jest/globals'
    ? { url: `data:text/javascript,${encodeURIComponent(source)}`, format: 'module', shortCircuit: true }
    : next(specifier, context);
