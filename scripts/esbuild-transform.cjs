const { createHash } = require('node:crypto');
const { readFileSync } = require('node:fs');
const { transformSync, version } = require('esbuild');

/** TypeScript for Jest, kept as modern as Node runs it: the interface's own preset rewrites for old engines, which is slow. */
module.exports = {
  process: (source, path) =>
    transformSync(source, {
      loader: path.endsWith('x') ? 'tsx' : 'ts',
      format: 'cjs',
      supported: { 'dynamic-import': false },
      target: 'node20',
      sourcemap: 'inline',
      sourcefile: path,
    }),
  getCacheKey: (source, path) =>
    createHash('sha1')
      .update(version)
      .update(readFileSync(__filename))
      .update(path)
      .update('\0')
      .update(source)
      .digest('hex'),
};
