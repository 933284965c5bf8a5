const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const babelJest = require('babel-jest');
const { transformSync, version } = require('esbuild');

/** As the interface's preset calls the compiler, for what only that compiler reads. */
const babel = babelJest.default.createTransformer({ caller: { name: 'metro', bundler: 'metro', platform: 'web' } });

/** Types of another language, and mocks that must come before what is imported above them. */
const isForBabel = (source) => source.includes('@flow') || source.includes('jest.mock(');

const loaderOf = (path) => (/\.[cm]?tsx?$/.test(path) ? (path.endsWith('x') ? 'tsx' : 'ts') : 'jsx');

/**
 * What a test's own page or context holds as in any other is looked up once for each module: every look goes through the
 * context's interceptors there (measured: two fifths of the time of the core's tests).
 */
const GLOBALS = [
  'Infinity',
  'NaN',
  'Array',
  'BigInt',
  'Error',
  'JSON',
  'Map',
  'Math',
  'Number',
  'Object',
  'Set',
  'String',
  'Symbol',
  'WeakMap',
];
const define = {
  'process.env.EXPO_OS': '"web"',
  ...Object.fromEntries(GLOBALS.map((name) => [name, `held$${name}`])),
};
const banner = `const ${GLOBALS.map((name) => `held$${name} = globalThis.${name}`).join(', ')};`;

/** Code for Jest, kept as modern as Node runs it: the interface's own preset rewrites it for old engines, which is slow. */
module.exports = {
  process: (source, path, options) =>
    isForBabel(source)
      ? babel.process(source, path, options)
      : transformSync(source, {
          loader: loaderOf(path),
          format: 'cjs',
          jsx: 'automatic',
          supported: { 'dynamic-import': false },
          define,
          banner,
          target: 'node20',
          sourcemap: 'external',
          sourcesContent: false,
          // By the ending of a module, another program's way to import would be followed.
          sourcefile: path.replace(/\.mjs$/, '.js'),
        }),
  getCacheKey: (source, path, options) =>
    isForBabel(source)
      ? babel.getCacheKey(source, path, options)
      : createHash('sha1')
          .update(version)
          .update(readFileSync(__filename))
          .update(path)
          .update('\0')
          .update(source)
          .digest('hex'),
};
